package jurren.app.sheet;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/** How a person is asked for a file; a test answers in its own way. */
public interface FileQuestions {
    /** What kind of file it is. */
    enum Kind {
        JOB("jurren"),
        DRAWING(
                "svg", "pdf", "eps", "dxf", "plt", "hpgl", "png", "jpg", "jpeg", "bmp", "gif", "tif", "tiff", "webp",
                "jurren"),
        ART("svg", "pdf", "eps", "dxf", "png"),
        TICKET("pdf"),
        PROOF("png"),
        CUT_FILE("plt"),
        GUIDE("pdf", "plt"),
        BLANK("json"),
        SHOP("json"),
        TEMPLATE("pdf", "svg"),
        PHOTO("png", "jpg", "jpeg", "gif", "bmp"),
        FONT("ttf", "otf");

        private final List<String> endings;

        Kind(String... endings) {
            this.endings = List.of(endings);
        }

        public List<String> endings() {
            return endings;
        }
    }

    Optional<Path> toOpen(Kind kind);

    Optional<Path> toSave(Kind kind, String name);

    /** A folder for every file of a job. */
    Optional<Path> folder();
}
