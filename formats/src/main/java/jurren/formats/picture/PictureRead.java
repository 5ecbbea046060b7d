package jurren.formats.picture;

import java.util.OptionalDouble;
import jurren.core.art.PictureFile;
import jurren.formats.Refusal;

/** What came of reading a picture. */
public sealed interface PictureRead {
    /** @param perInch how many pixels make an inch, where the file says so */
    record Taken(PictureFile file, OptionalDouble perInch) implements PictureRead {}

    record Refused(Refusal refusal) implements PictureRead {}
}
