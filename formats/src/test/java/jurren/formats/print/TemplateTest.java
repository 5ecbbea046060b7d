package jurren.formats.print;

import java.awt.geom.Rectangle2D;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.parsers.DocumentBuilderFactory;
import jurren.core.blank.Face;
import jurren.formats.catalogue.BuiltInShop;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class TemplateTest {
    private static final Face TUMBLER = BuiltInShop.read()
            .blank("tumbler-tapered-20")
            .orElseThrow()
            .reference()
            .faces()
            .getFirst();
    private static final Face TEE = BuiltInShop.read()
            .blank("tee-adult")
            .orElseThrow()
            .reference()
            .faces()
            .getFirst();

    @Test
    void svgShowsTheUnrolledFaceAtTrueSizeWithItsBar() throws Exception {
        Element svg = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(TemplateSvg.write("Tumbler <20>", TUMBLER)))
                .getDocumentElement();

        double widthMm = Double.parseDouble(svg.getAttribute("width").replace("mm", ""));
        String[] viewBox = svg.getAttribute("viewBox").split(" ");
        assertThat(Double.parseDouble(viewBox[2])).as("one unit is one mm").isEqualTo(widthMm);
        Rectangle2D edge = box(path(svg, "edge"));
        double chord = 2 * 683.5714 * Math.sin(Math.toRadians(22.90909 / 2));
        assertThat(edge.getWidth()).as("the lip's chord").isCloseTo(chord, within(0.01));
        assertThat(box(path(svg, "bar")).getWidth()).isEqualTo(100, within(1e-6));
        assertThat(svg.getElementsByTagName("text").getLength()).isGreaterThan(3);
    }

    private static String path(Element svg, String style) {
        NodeList paths = svg.getElementsByTagName("path");
        for (int i = 0; i < paths.getLength(); i++) {
            Element p = (Element) paths.item(i);
            if (p.getAttribute("class").equals(style)) {
                return p.getAttribute("d");
            }
        }
        throw new AssertionError("no path of style " + style);
    }

    /** Absolute points after M and L; the bar alone has steps to the right. */
    private static Rectangle2D box(String d) {
        Rectangle2D box = null;
        Matcher m =
                Pattern.compile("([ML])(-?[\\d.]+) (-?[\\d.]+)|h(-?[\\d.]+)").matcher(d);
        double x = 0;
        double y = 0;
        while (m.find()) {
            if (m.group(4) == null) {
                x = Double.parseDouble(m.group(2));
                y = Double.parseDouble(m.group(3));
            } else {
                x += Double.parseDouble(m.group(4));
            }
            Rectangle2D point = new Rectangle2D.Double(x, y, 0, 0);
            box = box == null ? point : box.createUnion(point);
        }
        return box;
    }

    @Test
    void pdfTakesAsManySheetsAsTheFaceNeeds() throws IOException {
        assertThat(pages(TUMBLER, Paper.LETTER))
                .as("285 mm wide on 192 mm of paper")
                .isEqualTo(2);
        double printable = 215.9 - 24;
        int across = TemplatePdf.sheets(Template.of("t", TEE).box().widthMm(), printable);
        assertThat(printable + (across - 1) * (printable - 10))
                .isGreaterThanOrEqualTo(Template.of("t", TEE).box().widthMm());
        assertThat(pages(TEE, Paper.LETTER)).isGreaterThanOrEqualTo(across * 3);
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.write("Tumbler", TUMBLER, Paper.A4))) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth()).isEqualTo(PDRectangle.A4.getWidth());
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("100 mm")
                    .contains("1 of 2")
                    .contains("lip");
        }
    }

    private static int pages(Face face, Paper paper) throws IOException {
        try (PDDocument pdf = Loader.loadPDF(TemplatePdf.write("t", face, paper))) {
            return pdf.getNumberOfPages();
        }
    }

    @Test
    void titlesCannotBreakTheDrawing() {
        assertThat(new String(TemplateSvg.write("a & b < c", TUMBLER), StandardCharsets.UTF_8))
                .contains("a &amp; b &lt; c");
    }
}
