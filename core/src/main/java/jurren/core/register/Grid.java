package jurren.core.register;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;

/** The pixels of a face. */
record Grid(Box box, double pxPerMm, int width, int height) {
    static Grid over(Box box, double pxPerMm) {
        return new Grid(
                box, pxPerMm, (int) Math.ceil(box.widthMm() * pxPerMm), (int) Math.ceil(box.heightMm() * pxPerMm));
    }

    Placement toPx() {
        return Placement.moved(-box.minXMm(), -box.minYMm()).then(Placement.scaled(pxPerMm));
    }
}
