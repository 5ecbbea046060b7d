package jurren.formats.catalogue;

import jurren.core.blank.Blank;
import jurren.formats.Refusal;

/** What came of reading a blank. */
public sealed interface BlankRead {
    /** It can be used. */
    record Taken(Blank blank) implements BlankRead {}

    /** It cannot, and why; the detail names line and field. */
    record Refused(Refusal refusal) implements BlankRead {}
}
