package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.formats.print.PdfPages;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.DisabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** From what is seen at a bench to paper. */
class PrinterStoryTest extends WindowTest {
    private record Printed(String printer, String name, int copies, boolean trueSize, byte[] pdf) {}

    /** Printers that keep what they are given. */
    private static final class Kept implements Printers {
        private final List<Printed> printed = new ArrayList<>();
        private List<String> names = List.of("Front desk", "Workshop");
        private Optional<String> hindrance = Optional.empty();
        private String refuses = "";

        @Override
        public List<String> names() {
            return names;
        }

        @Override
        public Optional<String> hindrance() {
            return hindrance;
        }

        @Override
        public void print(String printer, String name, int copies, boolean trueSize, byte[] pdf) throws IOException {
            printed.add(new Printed(printer, name, copies, trueSize, pdf));
            if (!refuses.isEmpty()) {
                throw new IOException(refuses);
            }
        }
    }

    private final Kept kept = new Kept();

    @Override
    Job job() {
        return robin();
    }

    private void ask() {
        run(() -> window.shell().actions().printOn(kept));
        robot.push(KeyCode.SHORTCUT, KeyCode.P);
        settle();
        until(() -> !((ComboBox<?>) node("printer-which")).getItems().isEmpty()
                || !kept.hindrance.isEmpty()
                || kept.names.isEmpty());
    }

    private String latest() {
        return on(() -> session.notices().all().getLast().sentence());
    }

    @SuppressWarnings("unchecked")
    private ComboBox<String> choice(String id) {
        return (ComboBox<String>) node(id);
    }

    private boolean isReady() {
        return on(() -> !node("printer-print").isDisabled());
    }

    @Test
    void theTicketGoesToTheChosenPrinterAsOftenAsAsked() throws IOException {
        run(() -> session.show(Bench.FINISH));
        ask();
        until(this::isReady);
        assertThat(on(() -> choice("printing-what").getValue())).isEqualTo("ticket");
        assertThat(on(() -> choice("printer-which").getValue()))
                .as("the usual one")
                .isEqualTo("Front desk");
        run(() -> choice("printer-which").setValue("Workshop"));
        type("printer-copies", "3");
        click("printer-print");
        until(() -> !kept.printed.isEmpty());
        settle();
        Printed one = kept.printed.getFirst();
        assertThat(one.printer()).isEqualTo("Workshop");
        assertThat(one.copies()).isEqualTo(3);
        assertThat(one.name()).endsWith("-ticket");
        assertThat(one.trueSize()).isFalse();
        try (PDDocument pdf = Loader.loadPDF(one.pdf())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains(job().name());
        }
        assertThat(latest()).contains("Ticket", "3 times", "Workshop");

        ask();
        assertThat(on(() -> choice("printer-which").getValue()))
                .as("remembered")
                .isEqualTo("Workshop");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(kept.printed).hasSize(1);
    }

    /** A mug, printed on what lies in the printer: asked for once, then known. */
    @Test
    void aMugsPrintIsLaidOutForThePaperThatIsThere() throws IOException {
        var shop = session.shop();
        var mug = shop.blank("mug-11").orElseThrow();
        Job job = NewJobs.saying(
                "HELLO",
                jurren.core.lettering.ShippedTypeface.FREDOKA,
                mug,
                mug.colours().getFirst(),
                shop.material("dye-print").orElseThrow(),
                jurren.core.material.Colour.of("#2040C0"));
        run(() -> session.edit(job));
        settle();
        run(() -> session.show(Bench.CUT));
        ask();
        assertThat(on(() -> choice("printing-what").getValue())).isEqualTo("prints");
        assertThat(isReady())
                .as("nothing is printed for paper that nobody said")
                .isFalse();
        run(() -> choice("printing-paper").setValue("letter"));
        until(this::isReady);
        until(() -> ((ImageView) node("printing-sheet").lookup(".image-view")).getImage() != null);
        robot.push(KeyCode.ENTER);
        until(() -> !kept.printed.isEmpty());
        settle();
        Printed one = kept.printed.getFirst();
        assertThat(one.trueSize()).isTrue();
        PdfPages.Size page = PdfPages.size(one.pdf());
        assertThat(page.widthPt()).isCloseTo(612, within(0.5));
        assertThat(page.heightPt()).isCloseTo(792, within(0.5));

        ask();
        until(this::isReady);
        assertThat(on(() -> choice("printing-paper").getValue()))
                .as("remembered")
                .isEqualTo("letter");
    }

    @Test
    void whatIsGoneOrRefusesIsNamed() {
        run(() -> session.show(Bench.FINISH));
        kept.refuses = "out of magenta";
        ask();
        until(this::isReady);
        robot.push(KeyCode.ENTER);
        until(() -> kept.printed.size() == 1);
        settle();
        assertThat(latest()).isEqualTo("Front desk did not take it: out of magenta");
        kept.hindrance = Optional.of("no paper tray");
        ask();
        settle();
        assertThat(on(() -> ((Label) node("printing-hindrance")).getText())).contains("no paper tray");
        assertThat(isReady()).isFalse();
        run(() -> window.shell().sheets().closeAll());
        kept.hindrance = Optional.empty();
        kept.names = List.of();
        ask();
        settle();
        assertThat(on(() -> ((Label) node("printing-hindrance")).getText())).contains("no printer on this machine");
    }

    /** What the system's own command is told, by a double of it that writes it down. */
    @Test
    @DisabledOnOs(OS.WINDOWS)
    void thePdfGoesToTheSystemAsItIs(@TempDir Path folder) throws IOException {
        script(
                folder.resolve("lpstat"),
                "[ $1 = -e ] && printf 'desk\nshop floor\n' || echo 'system default destination: shop floor'");
        script(
                folder.resolve("lp"),
                "for last; do :; done; cp \"$last\" " + folder.resolve("got.pdf") + "; echo \"$@\" > "
                        + folder.resolve("told")
                        + "; [ \"$2\" = desk ] && { echo 'lp: desk is on fire' >&2; exit 1; }; exit 0");
        SystemPrinters printers = new SystemPrinters(folder);
        assertThat(printers.hindrance()).isEmpty();
        assertThat(printers.names()).containsExactly("shop floor", "desk");
        byte[] pdf;
        try (PDDocument document = new PDDocument();
                var out = new java.io.ByteArrayOutputStream()) {
            document.addPage(new org.apache.pdfbox.pdmodel.PDPage(
                    new org.apache.pdfbox.pdmodel.common.PDRectangle((float) (330.2 / 25.4 * 72), 500)));
            document.save(out);
            pdf = out.toByteArray();
        }
        printers.print("shop floor", "mug; rm -rf $HOME", 2, true, pdf);
        assertThat(folder.resolve("told"))
                .content()
                .startsWith(
                        "-d shop floor -n 2 -t mug; rm -rf $HOME -o print-scaling=none -o media=Custom.330.2x176.4mm -- ");
        assertThat(Files.readAllBytes(folder.resolve("got.pdf"))).isEqualTo(pdf);
        assertThatThrownBy(() -> printers.print("desk", "mug", 1, false, pdf)).hasMessage("lp: desk is on fire");
        assertThat(new SystemPrinters(folder.resolve("none")).hindrance().orElseThrow())
                .contains("Save it as PDF");
    }

    private static void script(Path file, String does) throws IOException {
        Files.writeString(file, "#!/bin/sh\n" + does + "\n");
        assertThat(file.toFile().setExecutable(true)).isTrue();
    }
}
