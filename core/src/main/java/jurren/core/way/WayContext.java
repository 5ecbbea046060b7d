package jurren.core.way;

import jurren.core.geometry.Box;
import jurren.core.layer.Edging;

/**
 * What a way is told beside the part.
 *
 * @param art  the box of all art on the place
 * @param many whether several parts of the place are of the same material
 */
public record WayContext(Edging edging, Box art, boolean many) {}
