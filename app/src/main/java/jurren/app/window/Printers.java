package jurren.app.window;

import java.io.IOException;
import java.util.List;
import java.util.Optional;

/** The printers of this machine. All of it may take its time and is asked beside the window's thread. */
interface Printers {
    /** Their names, the usual one first. */
    List<String> names();

    /** Why nothing could be printed, whatever the printer. */
    Optional<String> hindrance();

    /**
     * Hands over a PDF.
     *
     * @param trueSize exactly as large as its pages say; otherwise as large as the paper takes it
     * @throws IOException with what the system said, when it was not taken
     */
    void print(String printer, String name, int copies, boolean trueSize, byte[] pdf) throws IOException;
}
