package jurren.formats.drawing;

/** What one unit of a file may have been meant to be. */
public enum FileUnit {
    PX_96(25.4 / 96),
    POINT_72(25.4 / 72),
    PX_90(25.4 / 90),
    PX_300(25.4 / 300),
    MM(1),
    INCH(25.4);

    private final double mm;

    FileUnit(double mm) {
        this.mm = mm;
    }

    public double mm() {
        return mm;
    }
}
