package jurren.formats.words;

/** In which units figures are read and typed. */
public record Units(LengthUnit length, HeatUnit heat) {
    public static final Units AMERICAN = new Units(LengthUnit.INCH, HeatUnit.FAHRENHEIT);
    public static final Units METRIC = new Units(LengthUnit.MILLIMETRE, HeatUnit.CELSIUS);

    /** The degrees that usually go with a unit of length. */
    public static Units usual(LengthUnit length) {
        return length == LengthUnit.INCH ? AMERICAN : METRIC;
    }

    public Units with(LengthUnit newLength) {
        return new Units(newLength, heat);
    }

    public Units with(HeatUnit newHeat) {
        return new Units(length, newHeat);
    }
}
