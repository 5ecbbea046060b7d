package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.load.Printer;
import jurren.core.plan.Plan;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.print.PdfPages;

/** What of a job is to come out on paper: seen first, then to a printer or into a PDF, both the same. */
final class PrintingSheet {
    private static final double PICTURE_WIDTH = 380;
    private static final double PICTURE_HEIGHT = 430;
    private static final double COLUMN = 330;
    private static final int PREVIEW_PER_INCH = 60;
    private static final int MOST_COPIES = 99;
    /** What the printer chosen last is remembered by. */
    private static final String CHOSEN = "printer";
    /** That somebody said what paper their printer takes. */
    private static final String PAPER_SAID = "printer.paper";

    private final Session session;
    private final Sheets sheets;
    private final Printers printers;
    private final WindowActions actions;
    private final FileQuestions files;
    private final Optional<Printout.Kind> wanted;

    private final ImageView picture = new ImageView();
    private final Label pageOf = Controls.figure("");
    private final Label wait = Controls.label(Texts.of("printing.drawn"), "hint");
    private final VBox says = new VBox(4);
    private final VBox paper = new VBox(6);
    private final Controls.Choice<String> what;
    private final Controls.Choice<String> which;
    private final Button print;
    private final Button save;
    private final Label hindrance = Controls.label("", "hint");
    private List<Printout> all = List.of();
    private Printout shown;
    private byte[] pdf = new byte[0];
    private int page = 1;
    private int copies = 1;
    private boolean open;

    /** @param wanted empty for what stands before somebody at the open bench */
    PrintingSheet(
            Session session,
            Sheets sheets,
            Printers printers,
            WindowActions actions,
            FileQuestions files,
            Optional<Printout.Kind> wanted) {
        this.session = session;
        this.sheets = sheets;
        this.printers = printers;
        this.actions = actions;
        this.files = files;
        this.wanted = wanted;
        this.what = new Controls.Choice<>(
                "printing-what", Texts.of("printing.what"), List.of(), this::nameOf, this::choose);
        this.which = new Controls.Choice<>("printer-which", Texts.of("printer.which"), List.of(), n -> n, _ -> {});
        hindrance.setId("printing-hindrance");
        this.print = Controls.button("printer-print", Texts.of("printer.print"), this::print, "primary");
        this.save = Controls.button("printing-save", Texts.of("printing.save"), this::save);
    }

    void open() {
        Plan plan = session.plan().orElseThrow();
        all = Printout.of(plan, session);
        shown = wanted.flatMap(k -> all.stream().filter(p -> p.kind() == k).findFirst())
                .orElseGet(() -> Printout.usual(all, session.bench(), plan));
        what.getItems().setAll(all.stream().map(Printout::id).toList());
        what.setMaxWidth(Double.MAX_VALUE);
        pageOf.setId("printing-page");
        which.setMaxWidth(Double.MAX_VALUE);
        MeasureField count = MeasureField.count(Texts.of("printer.copies"), 1, MOST_COPIES, n -> copies = n);
        count.setId("printer-copies");
        count.show(copies);
        picture.setPreserveRatio(true);
        picture.setFitWidth(PICTURE_WIDTH - 16);
        picture.setFitHeight(PICTURE_HEIGHT - 16);
        StackPane seen = new StackPane(wait, picture);
        seen.getStyleClass().add("print-seen");
        seen.setMinSize(PICTURE_WIDTH, PICTURE_HEIGHT);
        seen.setMaxSize(PICTURE_WIDTH, PICTURE_HEIGHT);
        HBox turning = new HBox(
                8,
                Controls.sign("printing-before", "‹", Texts.of("printing.before"), () -> turn(-1)),
                pageOf,
                Controls.sign("printing-next", "›", Texts.of("printing.next"), () -> turn(1)));
        turning.setAlignment(Pos.CENTER);
        VBox looked = new VBox(8, seen, turning);
        VBox asked = new VBox(
                12,
                what,
                paper,
                says,
                Controls.row(Texts.of("printer.which"), which),
                Controls.row(Texts.of("printer.copies"), count),
                hindrance,
                Controls.flow(print, save));
        asked.setPrefWidth(COLUMN);
        asked.setMinWidth(COLUMN);
        HBox both = new HBox(20, asked, looked);
        open = true;
        sheets.open("printing-sheet", Texts.of("printing.title"), Pos.CENTER, () -> open = false, both);
        session.desk()
                .give(new Order<>(
                        Texts.of("work.printers"),
                        _ -> printers.hindrance().isPresent() ? List.<String>of() : printers.names(),
                        this::found,
                        this::failed));
        show();
    }

    private void found(List<String> names) {
        which.getItems().setAll(names);
        String last = session.settings().choice(CHOSEN, "");
        which.show(names.contains(last) ? last : names.isEmpty() ? null : names.getFirst());
        hindrance.setText(printers.hindrance().orElse(names.isEmpty() ? Texts.of("printer.none") : ""));
        hindrance.setVisible(!hindrance.getText().isEmpty());
        hindrance.setManaged(hindrance.isVisible());
        enable();
    }

    private String nameOf(String id) {
        return all.stream()
                .filter(p -> p.id().equals(id))
                .map(Printout::name)
                .findFirst()
                .orElse("");
    }

    private void choose(String id) {
        all.stream().filter(p -> p.id().equals(id)).findFirst().ifPresent(p -> {
            shown = p;
            page = 1;
            show();
        });
    }

    private boolean needsPaper() {
        return shown.kind() == Printout.Kind.PRINTS
                && session.settings().choice(PAPER_SAID, "").isEmpty();
    }

    private void enable() {
        boolean ready = pdf.length > 0 && !needsPaper();
        print.setDisable(!ready || which.getValue() == null);
        save.setDisable(!ready);
    }

    private void show() {
        what.show(shown.id());
        pdf = new byte[0];
        picture.setImage(null);
        pageOf.setText("");
        says.getChildren()
                .setAll(Stream.concat(
                                Stream.of(
                                        shown.trueSize()
                                                ? Texts.of(
                                                        shown.kind() == Printout.Kind.PRINTS
                                                                ? "printing.true-print"
                                                                : "printing.true-size")
                                                : Texts.of(
                                                        "printer.says",
                                                        Texts.of("drawer.paper."
                                                                + session.settings()
                                                                        .paper()))),
                                shown.says().stream())
                        .map(t -> (Node) Controls.label(t, "hint"))
                        .toList());
        Controls.refill(paper, shown.kind() == Printout.Kind.PRINTS ? papers() : List.of());
        paper.setManaged(!paper.getChildren().isEmpty());
        wait.setText(Texts.of(needsPaper() ? "printing.say-paper" : "printing.drawn"));
        enable();
        if (!needsPaper()) {
            Printout now = shown;
            session.desk()
                    .give(new Order<>(
                            Texts.of("work.drawn"),
                            _ -> now.pdf().call(),
                            made -> {
                                if (open && now == shown) {
                                    pdf = made;
                                    enable();
                                    turn(0);
                                }
                            },
                            this::failed));
        }
    }

    /** The printers of the shop, and the sheets that desk printers take. */
    private List<Printer> offered() {
        List<Printer> mine = session.shop().mine().printers();
        List<Printer> offered = new ArrayList<>(mine);
        BuiltInShop.printers().stream()
                .filter(p -> mine.stream().noneMatch(m -> m.id().equals(p.id())))
                .forEach(offered::add);
        return offered;
    }

    private List<Node> papers() {
        List<Printer> offered = offered();
        Controls.Choice<String> papers = new Controls.Choice<>(
                "printing-paper",
                Texts.of("printing.paper"),
                offered.stream().map(Printer::id).toList(),
                id -> offered.stream()
                        .filter(p -> p.id().equals(id))
                        .map(Printer::name)
                        .findFirst()
                        .orElse(""),
                id -> take(offered.stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .orElseThrow()));
        papers.setMaxWidth(Double.MAX_VALUE);
        if (needsPaper()) {
            papers.setPromptText(Texts.of("printing.paper-prompt"));
        } else {
            papers.show(session.shop().printer().id());
        }
        return List.of(Controls.row(Texts.of("printing.paper"), papers));
    }

    /** The prints are laid out for this paper from now on. */
    private void take(Printer chosen) {
        session.settings().put(PAPER_SAID, chosen.id());
        session.myShop()
                .change(
                        s -> s.withPrinters(Stream.concat(
                                        Stream.of(s.printers().stream()
                                                .filter(p -> p.id().equals(chosen.id()))
                                                .findFirst()
                                                .orElse(chosen)),
                                        s.printers().stream().filter(p -> !p.id().equals(chosen.id())))
                                .toList()),
                        Texts.of("machines.prints-now", chosen.name()),
                        _ -> session.whenPlanned(this::again));
    }

    private void again(Plan plan) {
        if (open) {
            String id = shown.id();
            all = Printout.of(plan, session);
            what.getItems().setAll(all.stream().map(Printout::id).toList());
            shown = all.stream()
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .orElseGet(() -> Printout.usual(all, session.bench(), plan));
            page = 1;
            show();
        }
    }

    private void turn(int by) {
        if (pdf.length == 0) {
            return;
        }
        byte[] of = pdf;
        int wantedPage = page + by;
        session.desk()
                .give(new Order<>(
                        Texts.of("work.drawn"),
                        _ -> PdfPages.render(of, wantedPage, PREVIEW_PER_INCH),
                        p -> {
                            if (open && of == pdf) {
                                page = p.number();
                                picture.setImage(image(p));
                                pageOf.setText(Texts.of("printing.page", p.number(), p.of()));
                            }
                        },
                        this::failed));
    }

    private static WritableImage image(PdfPages.Page p) {
        WritableImage image = new WritableImage(p.width(), p.height());
        image.getPixelWriter()
                .setPixels(0, 0, p.width(), p.height(), PixelFormat.getIntArgbInstance(), p.rgb(), 0, p.width());
        return image;
    }

    private void print() {
        String printer = which.getValue();
        byte[] of = pdf;
        Printout now = shown;
        int times = copies;
        session.settings().put(CHOSEN, printer);
        sheets.close();
        session.desk()
                .give(new Order<Void>(
                                Texts.of("work.printing"),
                                _ -> {
                                    printers.print(
                                            printer, actions.fileName("-" + now.id()), times, now.trueSize(), of);
                                    return null;
                                },
                                _ -> session.notices().say(Texts.of("printer.sent", now.name(), times, printer)),
                                why -> session.notices()
                                        .trouble(Texts.of("printer.refused", printer, Texts.reason(why))))
                        .finishing());
    }

    private void save() {
        byte[] of = pdf;
        files.toSave(FileQuestions.Kind.TICKET, actions.fileName("-" + shown.id() + ".pdf"))
                .ifPresent(file -> {
                    sheets.close();
                    actions.write(file, () -> of);
                });
    }

    private void failed(Throwable why) {
        session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
    }
}
