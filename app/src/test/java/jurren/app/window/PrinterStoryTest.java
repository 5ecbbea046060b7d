package jurren.app.window;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import jurren.core.job.Job;
import jurren.formats.print.PdfPages;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The ticket to a printer that is chosen. */
class PrinterStoryTest extends WindowTest {
    private record Printed(String printer, String name, int copies, List<PdfPages.Page> pages) {}

    /** Printers that keep what they are given. */
    private static final class Kept implements Printers {
        private final List<Printed> printed = new ArrayList<>();
        private List<String> names = List.of("Front desk", "Workshop");
        private Optional<String> hindrance = Optional.empty();
        private boolean takes = true;

        @Override
        public List<String> names() {
            return names;
        }

        @Override
        public Optional<String> hindrance() {
            return hindrance;
        }

        @Override
        public boolean print(String printer, String name, int copies, List<PdfPages.Page> pages) {
            printed.add(new Printed(printer, name, copies, pages));
            return takes;
        }
    }

    private final Kept kept = new Kept();

    @Override
    Job job() {
        return robin();
    }

    private void ask() {
        run(() -> window.shell().actions().printOn(kept));
        robot.push(KeyCode.SHORTCUT, KeyCode.SHIFT, KeyCode.P);
        settle();
    }

    private String latest() {
        return on(() -> session.notices().all().getLast().sentence());
    }

    @SuppressWarnings("unchecked")
    private ComboBox<String> which() {
        return (ComboBox<String>) node("printer-which");
    }

    @Test
    void theTicketGoesToTheChosenPrinterAsOftenAsAsked() {
        ask();
        assertThat(on(() -> which().getValue())).as("the usual one").isEqualTo("Front desk");
        run(() -> which().setValue("Workshop"));
        type("printer-copies", "3");
        click("printer-print");
        until(() -> !kept.printed.isEmpty());
        settle();
        Printed one = kept.printed.getFirst();
        assertThat(one.printer()).isEqualTo("Workshop");
        assertThat(one.copies()).isEqualTo(3);
        assertThat(one.name()).endsWith("-ticket");
        PdfPages.Page first = one.pages().getFirst();
        assertThat(first.width() / 200.0).as("Letter, in inches").isCloseTo(8.5, within(0.01));
        assertThat(first.height() / 200.0).isCloseTo(11, within(0.01));
        assertThat(Arrays.stream(first.rgb()).filter(c -> (c & 0xFF) < 128).count())
                .as("there is ink on it")
                .isGreaterThan(5_000);
        assertThat(latest()).contains(one.pages().size() + " page", "3 times", "Workshop");

        ask();
        assertThat(on(() -> which().getValue())).as("remembered").isEqualTo("Workshop");
        robot.push(KeyCode.ESCAPE);
        settle();
        assertThat(kept.printed).hasSize(1);
    }

    @Test
    void whatIsGoneOrRefusesIsNamed() {
        kept.takes = false;
        ask();
        robot.push(KeyCode.ENTER);
        until(() -> kept.printed.size() == 1);
        settle();
        assertThat(latest()).startsWith("Front desk did not take it");
        kept.hindrance = Optional.of("no paper tray");
        ask();
        assertThat(latest()).isEqualTo("no paper tray");
        assertThat(isThere("printer-sheet"))
                .as("nothing is asked that could not be done")
                .isFalse();
        kept.hindrance = Optional.empty();
        kept.names = List.of();
        ask();
        assertThat(isThere("printer-sheet")).isFalse();
        assertThat(latest()).contains("no printer on this machine");
    }
}
