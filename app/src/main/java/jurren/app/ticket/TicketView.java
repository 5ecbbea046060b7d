package jurren.app.ticket;

import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.job.Line;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;

/** Line tabs, the job's name, six sections in the order of the work, the sum, and what to do with it all. */
public final class TicketView {
    private static final double WIDTH = 304;

    private final Session session;
    private final HBox tabs = new HBox();
    private final Label number = Controls.label("", "ticket-number");
    private final Label due = Controls.label("", "ticket-number");
    private final Button name;
    private final TextField title = new TextField();
    private final Label unsaved = Controls.label("", "ticket-title");
    private final MenuButton lineMenu = new MenuButton("⋯");
    private final Map<Bench, Section> sections = new EnumMap<>(Bench.class);
    private final Label sum = Controls.figure("");
    private final Label what = Controls.label("");
    private final VBox node;

    public TicketView(Session session) {
        this.session = session;
        this.name = Controls.button("job-name", "", () -> ask(AskFor.What.DRAWER), "job-name");
        HBox top = new HBox(number, Controls.spring(), due);
        title.setId("line-title");
        title.getStyleClass().add("line-title");
        title.setAccessibleText(Texts.of("ticket.line-title"));
        title.setOnAction(_ -> retitle());
        title.focusedProperty().addListener((_, _, focused) -> {
            if (!focused) {
                retitle();
            }
        });
        HBox.setHgrow(title, javafx.scene.layout.Priority.ALWAYS);
        HBox titleRow = new HBox(title, unsaved);
        titleRow.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox header = new VBox(top, name, titleRow);
        buildLineMenu();
        header.getStyleClass().add("ticket-header");
        VBox list = new VBox();
        for (Bench bench : Bench.values()) {
            Section section = new Section(bench);
            sections.put(bench, section);
            list.getChildren().add(section.button);
        }
        HBox sums = new HBox(what, Controls.spring(), sum);
        HBox buttons = new HBox(Controls.button("dry-run", Texts.of("ticket.dry-run"), () -> ask(AskFor.What.DRY_RUN), "primary"),
                Controls.spring(), Controls.button("print-ticket", Texts.of("ticket.print"), () -> ask(AskFor.What.PRINT)));
        VBox foot = new VBox(sums, buttons);
        foot.getStyleClass().add("ticket-foot");
        tabs.getStyleClass().add("tabs");
        VBox paper = new VBox(header, list, Controls.spring(), foot);
        paper.getStyleClass().add("paper");
        VBox.setVgrow(paper, javafx.scene.layout.Priority.ALWAYS);
        node = new VBox(tabs, paper);
        node.getStyleClass().add("ticket");
        node.setMinWidth(WIDTH);
        node.setMaxWidth(WIDTH);
    }

    public Node node() {
        return node;
    }

    private List<Node> tabs(List<Line> lines) {
        List<Node> letters = new ArrayList<>();
        for (Line line : lines) {
            Button tab = Controls.button("line-" + line.id(), line.id(), () -> session.openLine(line.id()),
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
        lineMenu.getItems().setAll(
                item("line-copy", "ticket.line-copy", () -> {
                    String letter = session.job().freeLetter();
                    session.edit(session.job().withLineCopied(session.line().id()));
                    session.openLine(letter);
                }),
                item("line-earlier", "ticket.line-earlier",
                        () -> session.edit(session.job().withLineMoved(session.line().id(), -1))),
                item("line-later", "ticket.line-later",
                        () -> session.edit(session.job().withLineMoved(session.line().id(), 1))),
                item("line-remove", "ticket.line-remove",
                        () -> session.edit(session.job().withoutLine(session.line().id()))));
    }

    private static MenuItem item(String id, String key, Runnable action) {
        MenuItem item = new MenuItem(Texts.of(key));
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }

    private void retitle() {
        if (!title.getText().equals(session.line().title())) {
            session.editLine(l -> l.withTitle(title.getText()));
        }
    }

    private void ask(AskFor.What what) {
        node.fireEvent(new AskFor(what));
    }

    public void update() {
        List<Line> lines = session.job().lines();
        Controls.refillWhenChanged(tabs, List.of(lines.stream().map(l -> List.of(l.id(), l.title())).toList(),
                session.line().id()), () -> tabs(lines));
        String jobNumber = session.job().number();
        number.setText((jobNumber.isEmpty() ? "" : Texts.of("ticket.job", jobNumber) + " · ")
                + Texts.of("ticket.line-of", session.line().id(), lines.size()));
        due.setText(session.job().due().isEmpty() ? "" : Texts.of("ticket.due", session.job().due()));
        name.setText(session.job().name().isBlank() ? Texts.of("ticket.nameless") : session.job().name());
        name.setAccessibleText(Texts.of("ticket.drawer", session.job().name()));
        if (!title.isFocused()) {
            title.setText(session.line().title());
        }
        unsaved.setText(session.isUnsaved() ? Texts.of("ticket.unsaved") : "");
        sections.values().forEach(Section::update);
        session.plan().ifPresent(p -> {
            what.setText(Texts.of("ticket.sum", session.job().lines().stream().mapToInt(Line::copies).sum()));
            sum.setText(Words.money(p.quote().total(), p.quote().currency()));
        });
    }

    private final class Section {
        private final Bench bench;
        private final Circle punch = new Circle(7.5);
        private final Label state = new Label();
        private final Label first = Controls.label("", "section-text");
        private final Label second = Controls.label("", "section-figures");
        private final ToggleButton button = new ToggleButton();

        Section(Bench bench) {
            this.bench = bench;
            Label heading = Controls.label(Texts.of("bench." + bench), "section-heading");
            HBox top = new HBox(heading, Controls.spring(), state);
            VBox text = new VBox(top, first, second);
            heading.setWrapText(false);
            first.setWrapText(false);
            second.setWrapText(false);
            HBox.setHgrow(text, javafx.scene.layout.Priority.ALWAYS);
            StackPane hole = new StackPane(punch);
            hole.getStyleClass().add("punch-holder");
            HBox all = new HBox(hole, text);
            all.getStyleClass().add("section-content");
            button.setGraphic(all);
            button.setId("bench-" + bench.name().toLowerCase(java.util.Locale.ROOT));
            button.getStyleClass().add("section");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(_ -> session.show(bench));
            all.prefWidthProperty().bind(button.widthProperty().subtract(34));
        }

        void update() {
            button.setSelected(session.bench() == bench);
            SectionState now = SectionState.of(session, bench);
            state.setText(now.words());
            state.getStyleClass().setAll("label", now.snags() > 0 ? "state-snag" : "state");
            punch.getStyleClass().setAll(now.isReady() ? "punched" : "unpunched");
            session.plan().flatMap(p -> p.line(session.line().id())).ifPresent(l -> fill(session.plan().orElseThrow(), l));
            button.setAccessibleText(Texts.of("ticket.section", Texts.of("bench." + bench), now.words()));
        }

        private void fill(Plan plan, LinePlan line) {
            Words words = session.words();
            switch (bench) {
                case BLANK -> {
                    first.setText(words.blankLine(line));
                    second.setText(Words.sizeRun(line));
                }
                case ART -> {
                    first.setText(line.line().motifs().isEmpty() ? Texts.of("ticket.no-art") : Words.motifs(line));
                    second.setText(line.blank().sizes().size() < 2 ? words.artSize(line)
                            : Texts.of("ticket.art-size", words.artSize(line), line.line().drawnFor()));
                }
                case LAYERS -> {
                    first.setText(words.reversedLine(line));
                    second.setText(line.material().process().isPrinted() ? Texts.of("ticket.in-the-coat")
                            : Texts.of("ticket.thick", line.drawn().layers().size() * line.material().thicknessMm()));
                }
                case LOADS -> {
                    int sheets = plan.prints().stream().filter(p -> p.lineId().equals(line.line().id()))
                            .mapToInt(p -> p.copies()).sum();
                    first.setText(sheets > 0 ? Texts.of("ticket.sheets", sheets) : Texts.of("ticket.loads", plan.runs().size()));
                    second.setText(sheets > 0 ? Texts.of("ticket.loads-job", plan.runs().size())
                            : Texts.of("ticket.film", words.unit().film(plan.filmUsedMm())));
                }
                case CUT -> {
                    first.setText(Texts.of("ticket.cut-time", Words.duration(plan.cutSeconds())));
                    second.setText(Texts.of("ticket.cut-done", plan.runs().stream()
                            .filter(r -> session.progress().isCut(r.load().order())).count(), plan.runs().size()));
                }
                case FINISH -> {
                    first.setText(Texts.of("ticket.steps", line.finish().steps().size()));
                    second.setText(Texts.of("ticket.press-time", Words.duration(line.finish().secondsPerPiece()),
                            Words.duration(line.finishSeconds())));
                }
            }
        }
    }
}
