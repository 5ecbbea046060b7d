package jurren.app.cli;

import jurren.formats.words.LengthUnit;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/** {@code 10in}, {@code 10 1/2}, {@code 254mm}, {@code 25cm} as millimetres; inches where no unit is given. */
final class Lengths implements ITypeConverter<Double> {
    @Override
    public Double convert(String text) {
        return LengthUnit.INCH
                .parse(text)
                .orElseThrow(() -> new TypeConversionException(CliTexts.text("length.none", text)));
    }
}
