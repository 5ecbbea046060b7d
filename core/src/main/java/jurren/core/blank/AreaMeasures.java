package jurren.core.blank;

import jurren.core.geometry.Box;

/** The part of a face that may carry art: its size, centred, and how far below the collar it begins. */
public record AreaMeasures(double widthMm, double heightMm, double dropMm) {
    public AreaMeasures {
        if (!(widthMm > 0 && heightMm > 0 && dropMm >= 0)) {
            throw new IllegalArgumentException("an area needs a width and a height above zero but had " + widthMm
                    + " x " + heightMm + ", " + dropMm + " down");
        }
    }

    public Box box() {
        return Box.ofSize(-widthMm / 2, dropMm, widthMm, heightMm);
    }
}
