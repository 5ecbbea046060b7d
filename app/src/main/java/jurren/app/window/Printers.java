package jurren.app.window;

import java.util.List;
import java.util.Optional;
import jurren.formats.print.PdfPages;

/** The printers of this machine. */
interface Printers {
    /** Their names, the usual one first. May take its time where printers are looked for in a network. */
    List<String> names();

    /** Why nothing could be printed, whatever the printer. */
    Optional<String> hindrance();

    /** Each page as large as the paper takes it. On the window's thread. Answers whether all of it was taken. */
    boolean print(String printer, String name, int copies, List<PdfPages.Page> pages);
}
