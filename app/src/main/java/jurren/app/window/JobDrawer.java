package jurren.app.window;

import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.material.Material;
import jurren.formats.jobfile.Version;
import jurren.formats.words.Words;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** The drawer behind the job's name: the job's file, its versions, its papers, and the shop it is made in. */
final class JobDrawer {
    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("d MMM HH:mm", Locale.ENGLISH)
            .withZone(ZoneId.systemDefault());

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
        sheets.open("job-drawer", Texts.of("drawer.title"), Pos.TOP_LEFT, nameField(), files(),
                Controls.caption(Texts.of("drawer.versions")), keepRow(), versions,
                Controls.caption(Texts.of("drawer.papers")), papers(),
                Controls.caption(Texts.of("drawer.shop")), Controls.card(shop().toArray(Node[]::new)));
        showVersions();
    }

    private Node nameField() {
        TextField name = new TextField(session.job().name());
        name.setId("job-name-field");
        name.setAccessibleText(Texts.of("drawer.name"));
        Object typing = new Object();
        name.textProperty().addListener((_, _, now) -> session.edit(session.job().withName(now), typing));
        return Controls.row(Texts.of("drawer.name"), name);
    }

    private Node files() {
        FlowPane row = new FlowPane(
                Controls.button("drawer-new", Texts.of("drawer.new"), actions::newJob),
                Controls.button("drawer-open", Texts.of("drawer.open"), actions::open),
                Controls.button("drawer-save", Texts.of("drawer.save"), this::save),
                Controls.button("drawer-save-as", Texts.of("drawer.save-as"), this::saveAs),
                Controls.button("drawer-import", Texts.of("drawer.import"), () -> {
                    sheets.close();
                    session.show(jurren.app.session.Bench.ART);
                    actions.give(AskFor.What.DRAWING, "");
                }));
        row.getStyleClass().add("flow");
        return row;
    }

    private void save() {
        if (actions.save()) {
            sheets.close();
        }
    }

    private void saveAs() {
        if (actions.saveAs()) {
            sheets.close();
        }
    }

    private Node keepRow() {
        TextField name = new TextField();
        name.setId("version-name");
        name.setPromptText(Texts.of("drawer.version-prompt"));
        name.setAccessibleText(Texts.of("drawer.version-prompt"));
        HBox.setHgrow(name, Priority.ALWAYS);
        Runnable keep = () -> {
            if (name.getText().isBlank()) {
                session.say(Texts.of("drawer.version-nameless"));
                return;
            }
            session.keepVersion(name.getText().strip());
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
        List<Version> kept = session.versions();
        for (int i = kept.size() - 1; i >= 0; i--) {
            Version v = kept.get(i);
            HBox row = Controls.row(v.name() + "  ·  " + WHEN.format(v.savedAt()), new HBox(6,
                    Controls.button("version-look-" + i, Texts.of("drawer.look"), () -> look(v)),
                    Controls.button("version-back-" + i, Texts.of("drawer.take-back"), () -> takeBack(v))));
            rows.add(row);
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
        session.takeBack(v);
        session.say(now.equals(v.job()) ? Texts.of("drawer.same", v.name()) : Texts.of("drawer.looking", v.name()));
    }

    private void takeBack(Version v) {
        session.takeBack(v);
        sheets.close();
        session.say(Texts.of("drawer.taken-back", v.name()));
    }

    private Node papers() {
        FlowPane row = new FlowPane(
                Controls.button("drawer-print", Texts.of("ticket.print"), () -> {
                    sheets.close();
                    actions.give(AskFor.What.PRINT, "");
                }),
                Controls.button("drawer-proof", Texts.of("drawer.proof"), () -> {
                    sheets.close();
                    actions.saveProof();
                }),
                Controls.button("drawer-export", Texts.of("drawer.export"), () -> {
                    sheets.close();
                    actions.give(AskFor.What.EXPORT, "");
                }),
                Controls.button("drawer-all", Texts.of("drawer.all"), () -> {
                    sheets.close();
                    actions.makeAll();
                }));
        row.getStyleClass().add("flow");
        return row;
    }

    private List<Node> shop() {
        Shop shop = session.shop();
        Words words = session.words();
        List<Node> rows = new ArrayList<>();
        rows.add(Controls.row(shop.cutter().name(), Controls.figure(Texts.of("drawer.cutter",
                words.unit().format(shop.cutter().usableMm(shop.cutter().widthMm()))))));
        shop.presses().forEach(p -> rows.add(Controls.row(p.name(), Controls.figure(
                words.unit().number(p.platenWidthMm()) + " × " + words.unit().format(p.platenHeightMm())))));
        for (Material m : shop.materials()) {
            rows.add(Controls.row(m.name(), Controls.figure(m.recipe().map(r -> words.degrees(r.celsius()) + " · "
                    + Texts.of("drawer.seconds", r.leastS(), r.mostS())).orElseGet(() -> Texts.of("drawer.cold")))));
        }
        rows.add(Controls.label(Texts.of("drawer.makers-sheet"), "hint"));
        return rows;
    }
}
