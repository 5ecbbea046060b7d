package jurren.app.window;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.cure.Remedies;
import jurren.core.plan.Plan;
import jurren.formats.print.Paper;
import jurren.formats.print.PdfPages;
import jurren.formats.print.TicketPdf;
import jurren.formats.words.Units;

/** The ticket to a printer, by way of its own PDF, so that paper and file are the same: on which one, and how often. */
final class PrinterSheet {
    private static final double WIDTH = 400;
    private static final double CHOICE_WIDTH = 260;
    private static final int PER_INCH = 200;
    private static final int MOST_COPIES = 99;
    /** What the printer chosen last is remembered by. */
    private static final String CHOSEN = "printer";

    private final Session session;
    private final Sheets sheets;
    private final Printers printers;
    private final String name;
    private final Plan plan;
    private int copies = 1;

    PrinterSheet(Session session, Sheets sheets, Printers printers, String name, Plan plan) {
        this.session = session;
        this.sheets = sheets;
        this.printers = printers;
        this.name = name;
        this.plan = plan;
    }

    void open() {
        Optional<String> hindrance = printers.hindrance();
        if (hindrance.isPresent()) {
            session.notices().trouble(hindrance.get());
            return;
        }
        session.desk().give(new Order<>(Texts.of("work.printers"), _ -> printers.names(), this::ask, this::failed));
    }

    private void ask(List<String> names) {
        if (names.isEmpty()) {
            session.notices().trouble(Texts.of("printer.none"));
            return;
        }
        ComboBox<String> which = new ComboBox<>();
        which.setId("printer-which");
        which.setAccessibleText(Texts.of("printer.which"));
        which.setPrefWidth(CHOICE_WIDTH);
        which.getItems().setAll(names);
        String last = session.settings().choice(CHOSEN, "");
        which.setValue(names.contains(last) ? last : names.getFirst());
        MeasureField count = MeasureField.count(Texts.of("printer.copies"), 1, MOST_COPIES, n -> copies = n);
        count.setId("printer-copies");
        count.show(copies);
        Label says = Controls.label(
                Texts.of(
                        "printer.says",
                        Texts.of("drawer.paper." + session.settings().paper())),
                "hint",
                "wrapped");
        says.setMaxWidth(WIDTH);
        VBox body = new VBox(
                10,
                Controls.row(Texts.of("printer.which"), which),
                Controls.row(Texts.of("printer.copies"), count),
                says,
                Controls.button("printer-print", Texts.of("printer.print"), () -> print(which.getValue()), "primary"));
        body.setPrefWidth(WIDTH);
        sheets.open("printer-sheet", Texts.of("printer.title"), Pos.CENTER, body);
    }

    private void print(String printer) {
        session.settings().put(CHOSEN, printer);
        sheets.close();
        Units units = session.settings().units();
        Paper paper = session.settings().paper();
        Remedies remedies = session.snags().remedies();
        session.desk()
                .give(new Order<>(
                        Texts.of("work.printing"),
                        _ -> PdfPages.render(TicketPdf.write(plan, units, remedies, paper), PER_INCH),
                        pages -> {
                            if (printers.print(printer, name, copies, pages)) {
                                session.notices().say(Texts.of("printer.sent", pages.size(), copies, printer));
                            } else {
                                session.notices().trouble(Texts.of("printer.refused", printer));
                            }
                        },
                        this::failed));
    }

    private void failed(Throwable why) {
        session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
    }
}
