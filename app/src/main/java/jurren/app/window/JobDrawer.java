package jurren.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.BiFunction;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.keep.Settings;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Notices;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import jurren.formats.jobfile.Version;
import jurren.formats.print.Paper;
import jurren.formats.print.PrintPdf;
import jurren.formats.start.Start;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.HeatUnit;
import jurren.formats.words.Words;

/**
 * The drawer behind the job's name: its facts, its file, its versions and papers, the person's settings, and the shop.
 */
final class JobDrawer {
    /** The setting that names the colour of cut lines in printed sheets. */
    static final String CUT_LINE = "cutLine";

    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());
    private static final int MOST_RECENT = 5;

    private final Session session;
    private final WindowActions actions;
    private final Sheets sheets;
    private final VBox versions = new VBox();

    JobDrawer(Session session, WindowActions actions, Sheets sheets) {
        this.session = session;
        this.actions = actions;
        this.sheets = sheets;
        versions.getStyleClass().add("rows");
    }

    void open() {
        Job job = session.job();
        List<Node> content = new ArrayList<>(List.of(
                fact("job-name-field", "drawer.name", job.name(), Job::withName),
                fact("job-number", "drawer.number", job.number(), Job::withNumber),
                fact("job-customer", "drawer.customer", job.customer(), Job::withCustomer),
                fact("job-due", "drawer.due", job.due(), Job::withDue),
                files()));
        content.addAll(recent());
        content.addAll(List.of(
                Controls.caption(Texts.of("drawer.versions")),
                keepRow(),
                versions,
                Controls.caption(Texts.of("drawer.papers")),
                papers(),
                Controls.caption(Texts.of("drawer.settings")),
                settings()));
        content.addAll(own());
        content.addAll(List.of(Controls.caption(Texts.of("drawer.shop")), Controls.card(shop().toArray(Node[]::new))));
        content.add(Controls.flow(Controls.button(
                "drawer-fault",
                Texts.of("fault.copy"),
                () -> {
                    Notices.copyWhatWentWrong();
                    session.notices().say(Texts.of("fault.copied"));
                },
                "small")));
        sheets.open("job-drawer", Texts.of("drawer.title"), Pos.TOP_LEFT, content.toArray(Node[]::new));
        showVersions();
    }

    /** A fact of the job, taken as it is typed. */
    private Node fact(String id, String key, String now, BiFunction<Job, String, Job> change) {
        TextField field = Sheets.kept(new TextField(now));
        field.setId(id);
        field.setAccessibleText(Texts.of(key));
        Object typing = new Object();
        field.textProperty().addListener((_, _, text) -> session.edit(change.apply(session.job(), text), typing));
        return Controls.row(Texts.of(key), field);
    }

    private Node files() {
        return flow(
                Controls.button("drawer-new", Texts.of("drawer.new"), actions::newJob),
                Controls.button("drawer-open", Texts.of("drawer.open"), actions::open),
                Controls.button("drawer-save", Texts.of("drawer.save"), () -> actions.save(this::closeWhen)),
                Controls.button("drawer-save-as", Texts.of("drawer.save-as"), () -> actions.saveAs(this::closeWhen)),
                Controls.button("drawer-import", Texts.of("drawer.import"), () -> {
                    sheets.close();
                    session.show(Bench.ART);
                    actions.give(AskFor.What.DRAWING, "");
                }));
    }

    private static FlowPane flow(Node... nodes) {
        FlowPane row = new FlowPane(nodes);
        row.getStyleClass().add("flow");
        return row;
    }

    private void closeWhen(boolean saved) {
        if (saved) {
            sheets.close();
        }
    }

    private List<Node> recent() {
        List<Path> recent = actions.recent();
        if (recent.isEmpty()) {
            return List.of();
        }
        FlowPane row = flow();
        for (int i = 0; i < Math.min(MOST_RECENT, recent.size()); i++) {
            Path file = recent.get(i);
            var button =
                    Controls.button("recent-" + i, file.getFileName().toString(), () -> actions.open(file), "small");
            button.setTooltip(new Tooltip(file.toString()));
            row.getChildren().add(button);
        }
        return List.of(Controls.caption(Texts.of("drawer.recent")), row);
    }

    private Node keepRow() {
        TextField name = new TextField();
        name.setId("version-name");
        name.setPromptText(Texts.of("drawer.version-prompt"));
        name.setAccessibleText(Texts.of("drawer.version-prompt"));
        HBox.setHgrow(name, Priority.ALWAYS);
        Runnable keep = () -> {
            if (name.getText().isBlank()) {
                session.notices().say(Texts.of("drawer.version-nameless"));
                return;
            }
            session.files().keepVersion(name.getText().strip());
            name.clear();
            showVersions();
        };
        name.setOnAction(_ -> keep.run());
        HBox row = new HBox(name, Controls.button("version-keep", Texts.of("drawer.keep"), keep));
        row.getStyleClass().add("buttons");
        return row;
    }

    private void showVersions() {
        List<Node> rows = new ArrayList<>();
        List<Version> kept = session.files().versions();
        for (int i = kept.size() - 1; i >= 0; i--) {
            Version v = kept.get(i);
            String name = v.name() + "  ·  " + WHEN.format(v.savedAt());
            rows.add(new VBox(
                    2,
                    Controls.label(name),
                    flow(
                            Controls.button("version-look-" + i, Texts.of("drawer.look"), () -> look(v), "small"),
                            Controls.button(
                                    "version-back-" + i, Texts.of("drawer.take-back"), () -> takeBack(v), "small"),
                            Controls.button(
                                    "version-remove-" + i,
                                    Texts.of("drawer.version-remove"),
                                    () -> sheets.askRemove(v.name(), () -> {
                                        session.files().removeVersion(v);
                                        showVersions();
                                    }),
                                    "small"))));
        }
        if (rows.isEmpty()) {
            rows.add(Controls.label(Texts.of("drawer.no-versions"), "hint"));
        }
        versions.getChildren().setAll(rows);
    }

    /** The version is put on the benches; one key brings the job back as it is now. */
    private void look(Version v) {
        Job now = session.job();
        sheets.close();
        session.files().takeBack(v);
        session.notices()
                .say(now.equals(v.job()) ? Texts.of("drawer.same", v.name()) : Texts.of("drawer.looking", v.name()));
    }

    private void takeBack(Version v) {
        session.files().takeBack(v);
        sheets.close();
        session.notices().say(Texts.of("drawer.taken-back", v.name()));
    }

    private Node papers() {
        return flow(
                paper("drawer-print", "ticket.print", () -> actions.give(AskFor.What.PRINT, "")),
                paper("drawer-printer", "drawer.printer", () -> actions.give(AskFor.What.PRINTER, "")),
                paper("drawer-proof", "drawer.proof", actions::saveProof),
                paper("drawer-export", "drawer.export", () -> actions.give(AskFor.What.EXPORT, "")),
                paper("drawer-shelf", "loads.open-shelf", () -> actions.give(AskFor.What.SHELF, "")),
                paper("drawer-shop", "drawer.my-shop", () -> actions.give(AskFor.What.SHOP, "")),
                paper("drawer-cuts", "drawer.cuts", () -> actions.give(AskFor.What.CUT_FILES, "")),
                paper("drawer-all", "drawer.all", actions::makeAll));
    }

    private Node paper(String id, String key, Runnable action) {
        return Controls.button(id, Texts.of(key), () -> {
            sheets.close();
            action.run();
        });
    }

    private Node settings() {
        Controls.Segments<HeatUnit> heat =
                Controls.segments("degrees", List.of(HeatUnit.values()), HeatUnit::mark, session::show);
        heat.setAccessibleText(Texts.of("drawer.degrees"));
        heat.show(session.settings().units().heat());
        Controls.Segments<DecimalSign> sign = Controls.segments(
                "decimal-sign", List.of(DecimalSign.values()), s -> Texts.of("drawer.numbers." + s), session::show);
        sign.setAccessibleText(Texts.of("drawer.numbers"));
        sign.show(session.settings().decimalSign());
        var size = Controls.figure("");
        Runnable show =
                () -> size.setText(Texts.of("drawer.text-px", session.settings().textPx()));
        show.run();
        HBox text = new HBox(
                4,
                Controls.sign("text-smaller", "−", Texts.of("drawer.text-smaller"), () -> {
                    session.showText(session.settings().textPx() - 1);
                    show.run();
                }),
                size,
                Controls.sign("text-larger", "+", Texts.of("drawer.text-larger"), () -> {
                    session.showText(session.settings().textPx() + 1);
                    show.run();
                }));
        text.setAlignment(Pos.CENTER_LEFT);
        TextEntry cutLine = new TextEntry("cut-line", Texts.of("drawer.cut-line"), name -> {
            if (!name.isBlank()) {
                session.settings().put(CUT_LINE, name.strip());
            }
        });
        cutLine.show(session.settings().choice(CUT_LINE, PrintPdf.CUT_LINE));
        Controls.Segments<Paper> paper = Controls.segments(
                "paper", List.of(Paper.values()), p -> Texts.of("drawer.paper." + p), session.settings()::choose);
        paper.setAccessibleText(Texts.of("drawer.paper"));
        paper.show(session.settings().paper());
        Controls.Segments<Boolean> saves = Controls.segments(
                "saves-itself", List.of(false, true), b -> Texts.of("drawer.saves." + b), session.files()::saveItself);
        saves.setAccessibleText(Texts.of("drawer.saves"));
        saves.show(session.settings().savesItself());
        Button jobs = Controls.button("jobs-folder", "", () -> {}, "small");
        Runnable showJobs = () -> {
            jobs.setText(session.settings()
                    .jobs()
                    .map(f -> String.valueOf(f.getFileName()))
                    .orElse(Texts.of("drawer.jobs.last")));
            jobs.setTooltip(session.settings()
                    .jobs()
                    .map(f -> new Tooltip(f.toString()))
                    .orElse(null));
        };
        jobs.setOnAction(_ -> actions.chooseJobs(showJobs));
        showJobs.run();
        return Controls.card(
                Controls.row(Texts.of("drawer.saves"), saves),
                Controls.row(Texts.of("drawer.jobs"), jobs),
                Controls.row(Texts.of("drawer.degrees"), heat),
                Controls.row(Texts.of("drawer.numbers"), sign),
                Controls.row(Texts.of("drawer.paper"), paper),
                Controls.row(Texts.of("drawer.cut-line"), cutLine),
                Controls.row(Texts.of("drawer.text", Settings.LEAST_TEXT_PX, Settings.MOST_TEXT_PX), text));
    }

    /** What this person added to the shop, to be taken away again. */
    private List<Node> own() {
        List<Node> rows = new ArrayList<>();
        for (Start s : session.own().starts().stream().filter(Start::own).toList()) {
            rows.add(Controls.row(
                    Texts.of("drawer.own-start", s.name()),
                    Controls.sign(
                            "own-start-remove-" + s.id(),
                            "×",
                            Texts.of("choose.remove", s.name()),
                            () -> sheets.askRemove(s.name(), () -> removeStart(s)))));
        }
        for (String font : session.shopFolder().fonts()) {
            rows.add(Controls.row(
                    Texts.of("drawer.own-font", font),
                    Controls.sign(
                            "own-font-remove-" + rows.size(),
                            "×",
                            Texts.of("choose.remove", font),
                            () -> sheets.askRemove(font, () -> removeFont(font)))));
        }
        return rows.isEmpty()
                ? List.of()
                : List.of(Controls.caption(Texts.of("drawer.own")), Controls.card(rows.toArray(Node[]::new)));
    }

    private void removeStart(Start s) {
        removing(
                s.name(),
                () -> session.shopFolder().starts().remove(s.id()),
                () -> session.shopFolder().starts().save(s));
        session.own().startsChanged();
    }

    private void removeFont(String font) {
        byte[][] content = new byte[1][];
        removing(
                font,
                () -> content[0] = session.shopFolder().removeFont(font),
                () -> session.shopFolder().keepFont(font, content[0]));
    }

    private interface Change {
        void make() throws IOException;
    }

    /** Done, and said with the way back. */
    private void removing(String name, Change remove, Change back) {
        if (tried(name, remove)) {
            session.notices().say(Texts.of("removed.done", name), Texts.of("removed.back"), () -> {
                tried(name, back);
                session.own().startsChanged();
            });
        }
        sheets.close();
        open();
    }

    private boolean tried(String name, Change change) {
        try {
            change.make();
            return true;
        } catch (IOException e) {
            session.notices().trouble(Texts.of("file.not-written", name, Texts.reason(e)));
            return false;
        }
    }

    private List<Node> shop() {
        Shop shop = session.shop();
        Words words = session.words();
        List<Node> rows = new ArrayList<>();
        rows.add(Controls.row(
                shop.cutter().name(),
                Controls.figure(Texts.of(
                        "drawer.cutter",
                        words.unit().format(shop.cutter().usableMm(shop.cutter().widthMm()))))));
        shop.presses()
                .forEach(p -> rows.add(Controls.row(
                        p.name(),
                        Controls.figure(words.unit().number(p.platenWidthMm()) + " × "
                                + words.unit().format(p.platenHeightMm())))));
        for (Material m : shop.materials()) {
            rows.add(Controls.row(
                    m.name(),
                    Controls.figure(m.recipe()
                            .map(r -> words.degrees(r.celsius()) + " · "
                                    + Texts.of("drawer.seconds", r.leastS(), r.mostS()))
                            .orElseGet(() -> Texts.of("drawer.cold")))));
        }
        rows.add(Controls.label(Texts.of("drawer.makers-sheet"), "hint"));
        return rows;
    }
}
