package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.formats.demo.DemoJob;
import jurren.formats.jobfile.JobDocument;

/**
 * What somebody sees who was never here before: what thing, what does it say, which film; then a first cut without
 * fear.
 * Put away without an answer, it leaves the demo job on the benches.
 */
final class FirstRunSheet {
    private static final double CARD = 286;
    private static final int MOST_FILMS = 6;
    /** One of each kind that people begin with. */
    private static final List<String> THINGS = List.of(
            "tee-adult",
            "hoodie-adult",
            "tote",
            "cap-front",
            "mug-11",
            "tumbler-straight-20",
            "jar-16",
            "laptop-lid-13",
            "window-pane",
            "sticker-75");

    private static final int LONGEST = 40;

    private final Session session;
    private final WindowActions actions;
    private final Sheets sheets;
    private final FlowPane films = new FlowPane(6, 6);
    private final FlowPane colours = new FlowPane(4, 4);
    private final ToggleGroup filmGroup = new ToggleGroup();
    private final Label holds = Controls.label("", "hint");
    private final TextField words = Sheets.kept(new TextField());
    private final Button make;
    private Blank thing;
    private BlankColour thingColour;
    private Material film;
    private Colour colour;
    private boolean decided;

    FirstRunSheet(Session session, WindowActions actions, Sheets sheets) {
        this.session = session;
        this.actions = actions;
        this.sheets = sheets;
        this.make = Controls.button("first-make", Texts.of("first.make"), this::make, "primary");
    }

    void open() {
        words.setId("first-words");
        words.setPromptText(Texts.of("first.words.hint"));
        words.setAccessibleText(Texts.of("first.words"));
        words.textProperty().addListener((_, _, _) -> showMake());
        ToggleGroup group = new ToggleGroup();
        FlowPane things = new FlowPane(6, 6);
        for (String id : THINGS) {
            session.shop()
                    .blank(id)
                    .ifPresent(b ->
                            things.getChildren().add(toggle("first-thing-" + id, b.name(), group, () -> choose(b))));
        }
        FlowPane cards = new FlowPane(
                12,
                12,
                card("1", "first.thing", things),
                card("2", "first.words", words, Controls.label(Texts.of("first.words.later"), "hint")),
                card("3", "first.film", films, colours, holds));
        cards.setPrefWrapLength(3 * Theme.wide(CARD) + 40);
        ((ToggleButton) things.getChildren().getFirst()).setSelected(true);
        sheets.open(
                "first-run-sheet",
                Texts.of("first.title"),
                Pos.CENTER,
                this::closed,
                Controls.label(Texts.of("first.hint"), "hint"),
                cards,
                Controls.flow(
                        make,
                        Controls.button("first-demo", Texts.of("first.demo"), sheets::close),
                        Controls.button("first-open", Texts.of("first.open"), () -> {
                            decided = true;
                            sheets.close();
                            actions.give(AskFor.What.OPEN, "");
                        })));
        words.requestFocus();
    }

    private static VBox card(String number, String key, Node... content) {
        List<Node> all = new ArrayList<>(List.of(
                new HBox(8, Controls.label(number, "frame-name"), Controls.label(Texts.of(key), "card-title"))));
        ((HBox) all.getFirst()).setAlignment(Pos.CENTER_LEFT);
        all.addAll(List.of(content));
        VBox card = Controls.card(all.toArray(Node[]::new));
        card.setPrefWidth(Theme.wide(CARD));
        card.setMinWidth(Theme.wide(CARD));
        return card;
    }

    private static ToggleButton toggle(String id, String name, ToggleGroup group, Runnable chosen) {
        ToggleButton b = new ToggleButton(name);
        b.setId(id);
        b.setToggleGroup(group);
        b.setMinWidth(Region.USE_PREF_SIZE);
        b.getStyleClass().add("pick");
        b.selectedProperty().addListener((_, _, on) -> {
            if (on) {
                chosen.run();
            }
        });
        b.setOnAction(_ -> b.setSelected(true));
        return b;
    }

    private Verdict verdict(Material m) {
        Face face = thing.reference().faces().getFirst();
        return WhatHolds.of(m, thing.madeOf(face), thingColour, face);
    }

    private void choose(Blank b) {
        thing = b;
        thingColour = b.colours().getFirst();
        film = null;
        Face face = b.reference().faces().getFirst();
        List<Material> offered =
                WhatHolds.toBeginWith(session.shop().materials(), b.madeOf(face), thingColour, face, MOST_FILMS);
        filmGroup.getToggles().clear();
        List<Node> buttons = new ArrayList<>();
        offered.forEach(m -> buttons.add(toggle("first-film-" + m.id(), m.name(), filmGroup, () -> choose(m))));
        films.getChildren().setAll(buttons);
        if (!buttons.isEmpty()) {
            ((ToggleButton) buttons.getFirst()).setSelected(true);
        }
        showMake();
    }

    private void choose(Material m) {
        film = m;
        colour = m.standingOut(thingColour.colour());
        holds.setText(
                verdict(m).answer() == Verdict.Answer.HOLDS
                        ? Texts.of("first.holds", thing.name())
                        : session.words().reason(verdict(m)));
        ToggleGroup group = new ToggleGroup();
        List<Node> chips = new ArrayList<>();
        for (FilmColour c : m.colours()) {
            ToggleButton chip = toggle(
                    "first-colour-"
                            + c.name().toLowerCase(java.util.Locale.ROOT).replace(' ', '-'),
                    "",
                    group,
                    () -> colour = c.colour());
            Region swatch = new Region();
            swatch.getStyleClass().add("found-chip");
            swatch.setStyle(
                    "-fx-background-color: rgba(35,38,43,0.4), " + c.colour().hex() + ";");
            chip.setGraphic(swatch);
            chip.setAccessibleText(c.name());
            chip.setTooltip(new Tooltip(c.name()));
            chip.getStyleClass().setAll("stock");
            chip.selectedProperty().addListener((_, _, on) -> {
                chip.getStyleClass().remove("chosen");
                if (on) {
                    chip.getStyleClass().add("chosen");
                }
            });
            chip.setSelected(c.colour().equals(colour));
            chips.add(chip);
        }
        colours.getChildren().setAll(chips);
        showMake();
    }

    private String text() {
        String t = words.getText().strip();
        return t.substring(0, Math.min(t.length(), LONGEST));
    }

    private void showMake() {
        make.setDisable(text().isEmpty() || thing == null || film == null);
    }

    private void make() {
        Job job = NewJobs.saying(text(), ShippedTypeface.FREDOKA, thing, thingColour, film, colour);
        decided = true;
        sheets.close();
        session.files().begin(JobDocument.of(job));
        session.show(Bench.CUT);
        session.notices().say(Texts.of("first.made", thing.name(), film.name()));
        session.whenPlanned(plan -> plan.runs().stream()
                .findFirst()
                .ifPresentOrElse(
                        r -> actions.give(
                                AskFor.What.TEST_CUT, String.valueOf(r.load().order())),
                        () -> session.show(Bench.LOADS)));
    }

    /** Without an answer there is the demo job to look at. */
    private void closed() {
        if (!decided) {
            session.files().replace(JobDocument.of(DemoJob.make()), Optional.empty());
            session.notices().say(Texts.of("first.demo-shown"));
        }
    }
}
