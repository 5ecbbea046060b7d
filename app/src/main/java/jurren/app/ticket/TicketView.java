package jurren.app.ticket;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import jurren.app.bench.BenchEntry;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.job.Line;
import jurren.formats.words.Words;

/** Line tabs, the job's name, six sections in the order of the work, the sum, and what to do with it all. */
public final class TicketView {
    private final Session session;
    private final HBox tabs = new HBox();
    private final Label number = Controls.label("", "ticket-number");
    private final Label due = Controls.label("", "ticket-number");
    private final Button name;
    private final TextEntry title;
    private final Label unsaved = Controls.label("", "ticket-title");
    private final MenuButton lineMenu = new MenuButton("⋯");
    private final List<Section> sections;
    private final Button undo;
    private final Button redo;
    private final Label sum = Controls.figure("");
    private final Label what = Controls.label("");
    private final VBox node;

    public TicketView(Session session, List<BenchEntry> benches) {
        this.session = session;
        this.name = Controls.button("job-name", "", () -> ask(AskFor.What.DRAWER), "job-name");
        HBox top = new HBox(number, Controls.spring(), due);
        title = new TextEntry(
                "line-title", Texts.of("ticket.line-title"), text -> session.editLine(l -> l.withTitle(text)));
        title.getStyleClass().add("line-title");
        HBox.setHgrow(title, javafx.scene.layout.Priority.ALWAYS);
        HBox titleRow = new HBox(title, unsaved);
        titleRow.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        undo = strip("strip-undo", "strip.undo", AskFor.What.UNDO);
        redo = strip("strip-redo", "strip.redo", AskFor.What.REDO);
        HBox strip = new HBox(
                strip("strip-new", "strip.new", AskFor.What.NEW),
                strip("strip-open", "strip.open", AskFor.What.OPEN),
                strip("strip-save", "strip.save", AskFor.What.SAVE),
                Controls.spring(),
                undo,
                redo,
                Controls.spring(),
                strip("strip-help", "strip.help", AskFor.What.SHORTCUTS));
        strip.getStyleClass().add("strip");
        VBox header = new VBox(top, name, titleRow);
        buildLineMenu();
        header.getStyleClass().add("ticket-header");
        VBox list = new VBox();
        sections = benches.stream().map(Section::new).toList();
        sections.forEach(section -> list.getChildren().add(section.button));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        scroll.getStyleClass().add("section-scroll");
        VBox.setVgrow(scroll, javafx.scene.layout.Priority.ALWAYS);
        HBox sums = new HBox(what, Controls.spring(), sum);
        HBox buttons = new HBox(
                Controls.button("dry-run", Texts.of("ticket.dry-run"), () -> ask(AskFor.What.DRY_RUN), "primary"),
                Controls.spring(),
                Controls.button("print", Texts.of("drawer.printer"), () -> ask(AskFor.What.PRINTER)));
        VBox foot = new VBox(sums, buttons);
        foot.getStyleClass().add("ticket-foot");
        tabs.getStyleClass().add("tabs");
        VBox paper = new VBox(strip, header, scroll, foot);
        paper.getStyleClass().add("paper");
        VBox.setVgrow(paper, javafx.scene.layout.Priority.ALWAYS);
        node = new VBox(tabs, paper);
        node.getStyleClass().add("ticket");
    }

    public Node node() {
        return node;
    }

    private List<Node> tabs(List<Line> lines) {
        List<Node> letters = new ArrayList<>();
        for (Line line : lines) {
            Button tab = Controls.button(
                    "line-" + line.id(),
                    line.id(),
                    () -> session.openLine(line.id()),
                    line.id().equals(session.line().id()) ? "tab-open" : "tab");
            tab.setAccessibleText(Texts.of("ticket.open-line", line.id(), line.title()));
            tab.setTooltip(new javafx.scene.control.Tooltip(line.title()));
            letters.add(tab);
        }
        letters.add(Controls.sign("line-add", "+", Texts.of("ticket.line-add"), () -> ask(AskFor.What.NEW_LINE)));
        letters.add(lineMenu);
        lineMenu.getItems().getLast().setDisable(lines.size() < 2);
        return letters;
    }

    private void buildLineMenu() {
        lineMenu.setId("line-menu");
        lineMenu.getStyleClass().add("line-menu");
        lineMenu.setAccessibleText(Texts.of("ticket.line-menu"));
        lineMenu.setTooltip(new javafx.scene.control.Tooltip(Texts.of("ticket.line-menu")));
        lineMenu.getItems()
                .setAll(
                        item("line-copy", "ticket.line-copy", () -> {
                            String letter = session.job().freeLetter();
                            session.edit(
                                    session.job().withLineCopied(session.line().id()));
                            session.openLine(letter);
                        }),
                        item(
                                "line-earlier",
                                "ticket.line-earlier",
                                () -> session.edit(session.job()
                                        .withLineMoved(session.line().id(), -1))),
                        item(
                                "line-later",
                                "ticket.line-later",
                                () -> session.edit(session.job()
                                        .withLineMoved(session.line().id(), 1))),
                        item(
                                "line-remove",
                                "ticket.line-remove",
                                () -> session.edit(
                                        session.job().withoutLine(session.line().id()))));
    }

    private static MenuItem item(String id, String key, Runnable action) {
        MenuItem item = new MenuItem(Texts.of(key));
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }

    /** A word of the strip above the job's name. */
    private Button strip(String id, String key, AskFor.What what) {
        Button b = Controls.button(id, Texts.of(key), () -> ask(what), "strip-word");
        b.setTooltip(new javafx.scene.control.Tooltip(Texts.of(key + ".about")));
        return b;
    }

    private void ask(AskFor.What what) {
        node.fireEvent(new AskFor(what));
    }

    public void update() {
        List<Line> lines = session.job().lines();
        Controls.refillWhenChanged(
                tabs,
                List.of(
                        lines.stream().map(l -> List.of(l.id(), l.title())).toList(),
                        session.line().id()),
                () -> tabs(lines));
        String jobNumber = session.job().number();
        number.setText((jobNumber.isEmpty() ? "" : Texts.of("ticket.job", jobNumber) + " · ")
                + Texts.of("ticket.line-of", session.line().id(), lines.size()));
        due.setText(
                session.job().due().isEmpty()
                        ? ""
                        : Texts.of("ticket.due", session.job().due()));
        name.setText(
                session.job().name().isBlank()
                        ? Texts.of("ticket.nameless")
                        : session.job().name());
        name.setAccessibleText(Texts.of("ticket.drawer", session.job().name()));
        title.show(session.line().title());
        showUndo(undo, "strip.undo", session.undoes());
        showUndo(redo, "strip.redo", session.redoes());
        unsaved.setText(session.files().isUnsaved() ? Texts.of("ticket.unsaved") : "");
        sections.forEach(Section::update);
        what.setText(
                session.plan().isEmpty()
                        ? ""
                        : Texts.of(
                                "ticket.sum",
                                session.job().lines().stream()
                                        .mapToInt(Line::copies)
                                        .sum()));
        sum.setText(session.plan()
                .map(p -> Words.money(p.quote().total(), p.quote().currency()))
                .orElse(""));
    }

    /** What it would take back or do again is told before it is done. */
    private static void showUndo(Button button, String key, Optional<String> what) {
        button.setDisable(what.isEmpty());
        String about = what.map(w -> Texts.of(key + ".what", w)).orElse(Texts.of(key + ".about"));
        button.setAccessibleText(about);
        button.getTooltip().setText(about);
    }

    private final class Section {
        private static final double SIDES_PX = 34;
        private static final double LEAST_PX = 78;

        private final BenchEntry bench;
        private final Circle punch = new Circle(7.5);
        private final Label state = new Label();
        private final Label first = Controls.label("", "section-text");
        private final Label second = Controls.label("", "section-figures");
        private final HBox all = new HBox();
        private final ToggleButton button = new AsHighAsItsText();

        Section(BenchEntry bench) {
            this.bench = bench;
            Label heading = Controls.label(Texts.of("bench." + bench.id()), "section-heading");
            HBox top = new HBox(heading, Controls.spring(), state);
            VBox text = new VBox(top, first, second);
            heading.setWrapText(false);
            HBox.setHgrow(text, javafx.scene.layout.Priority.ALWAYS);
            StackPane hole = new StackPane(punch);
            hole.getStyleClass().add("punch-holder");
            all.getChildren().setAll(hole, text);
            all.getStyleClass().add("section-content");
            button.setGraphic(all);
            button.setId("bench-" + bench.id().name().toLowerCase(java.util.Locale.ROOT));
            button.getStyleClass().add("section");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(_ -> session.show(bench.id()));
            all.prefWidthProperty().bind(button.widthProperty().subtract(SIDES_PX));
        }

        void update() {
            button.setSelected(session.bench() == bench.id());
            Optional<BenchEntry.TicketText> said = session.plan()
                    .flatMap(p -> session.linePlan().map(l -> bench.section().say(session, p, l)));
            // what was said of another line or job is not so of this one
            first.setText(said.map(BenchEntry.TicketText::first).orElse(""));
            second.setText(said.map(BenchEntry.TicketText::second).orElse(""));
            SectionState now = SectionState.of(
                    session, bench, said.map(BenchEntry.TicketText::isDone).orElse(false));
            state.setText(now.words());
            state.getStyleClass().setAll("label", now.snags() > 0 ? "state-snag" : "state");
            punch.getStyleClass().setAll(now.isReady() ? "punched" : "unpunched");
            button.setAccessibleText(Texts.of(
                    "ticket.section", Texts.of("bench." + bench.id()), now.words(), first.getText(), second.getText()));
        }

        /** A button takes its graphic for one line high; larger text wraps. */
        private final class AsHighAsItsText extends ToggleButton {
            @Override
            protected double computePrefHeight(double width) {
                double wide = getWidth() > 0 ? getWidth() : width;
                return Math.max(
                        Theme.high(LEAST_PX),
                        snappedTopInset() + all.prefHeight(wide - SIDES_PX) + snappedBottomInset());
            }

            @Override
            protected double computeMinHeight(double width) {
                return computePrefHeight(width);
            }
        }
    }
}
