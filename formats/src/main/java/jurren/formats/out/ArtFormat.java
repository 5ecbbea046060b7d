package jurren.formats.out;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** The formats that art is written in, by the ending of the file. */
public enum ArtFormat {
    SVG,
    PDF,
    EPS,
    DXF,
    PNG;

    public static Optional<ArtFormat> of(String fileName) {
        String name = fileName.toLowerCase(Locale.ROOT);
        return Arrays.stream(values()).filter(f -> name.endsWith(f.ending())).findFirst();
    }

    public String ending() {
        return "." + name().toLowerCase(Locale.ROOT);
    }

    /**
     * How it is written.
     *
     * @param svgPerInch what one inch is in an SVG's units; 25.4 writes millimetres
     * @param cutColour  the name of the spot colour in which the cut line of a PDF or EPS is drawn; absent for no cut
     *        line
     * @param pngPerInch pixels to the inch
     */
    public record Options(double svgPerInch, Optional<String> cutColour, double pngPerInch) {
        public static final double MILLIMETRES = 25.4;
        public static final Options USUAL = new Options(MILLIMETRES, Optional.empty(), 300);
    }

    public byte[] write(ArtSheet sheet, Options options) {
        if (sheet.parts().isEmpty()) {
            throw new IllegalArgumentException("there is nothing to write");
        }
        return switch (this) {
            case SVG -> SvgArt.write(sheet, options.svgPerInch());
            case PDF -> PdfArt.write(sheet, options.cutColour());
            case EPS -> EpsArt.write(sheet, options.cutColour());
            case DXF -> DxfArt.write(sheet);
            case PNG -> PngArt.write(sheet, options.pngPerInch());
        };
    }
}
