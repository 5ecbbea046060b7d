package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Objection;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Typed;
import jurren.core.job.Job;
import jurren.formats.words.LengthUnit;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** Small pieces of interface by themselves. */
class FieldsTest extends WindowTest {
    private final List<Object> taken = new ArrayList<>();
    private final List<String> objections = new ArrayList<>();

    @Override
    Job job() {
        return DEMO.withLines(DEMO.lines().subList(0, 1));
    }

    private <T extends javafx.scene.Node> T in(T node) {
        VBox box = new VBox(node);
        box.addEventHandler(Objection.TYPE, e -> objections.add(e.sentence()));
        new Scene(box);
        return node;
    }

    @Test
    void aMeasureKeepsItsLastGoodValueAndSaysWhy() {
        run(() -> {
            MeasureField field = in(MeasureField.length("width", () -> LengthUnit.INCH, taken::add));
            field.show(25.4);
            assertThat(field.getText()).isEqualTo("1.00 in");
            for (String wrong : List.of("wide", "0", "-3", "1,000", "90000 ft")) {
                field.setText(wrong);
                assertThat(field.isPending()).isTrue();
                field.commit();
                assertThat(field.getText()).as(wrong).isEqualTo("1.00 in");
            }
            field.setText("15/16");
            field.commit();
            assertThat(field.isPending()).isFalse();
        });
        assertThat(taken).containsExactly(23.8125);
        assertThat(objections)
                .hasSize(5)
                .anyMatch(o -> o.contains("above zero"))
                .anyMatch(o -> o.contains("not a measure"))
                .anyMatch(o -> o.contains("from"));
    }

    @Test
    void aMeasureThatIsShownAnewDoesNotTakeWhatIsBeingTyped() {
        run(() -> {
            MeasureField field = in(MeasureField.offset("across", () -> LengthUnit.MILLIMETRE, taken::add));
            field.show(5);
            field.setText("-7,5");
            assertThat(Typed.pending(field)).isPresent();
            field.restore();
            assertThat(field.getText()).isEqualTo("5.0 mm");
            field.setText("-7,5");
            field.commit();
            field.commit();
            field.show(Double.NaN);
            assertThat(field.getText()).isEmpty();
        });
        assertThat(taken).containsExactly(-7.5);
    }

    /** Between marking a figure and typing another a plan may come and show it anew. */
    @Test
    void whatIsMarkedStaysMarkedWhenItIsShownAnew() {
        click("bench-blank");
        settle();
        click("blank-drop");
        MeasureField field = (MeasureField) node("blank-drop");
        double drop = on(() -> session.sizePlan().orElseThrow().area().dropMm());
        robot.push(KeyCode.SHORTCUT, KeyCode.A);
        run(() -> field.show(drop));
        robot.push(KeyCode.DELETE);
        robot.write("3 1/2");
        assertThat(text("blank-drop")).isEqualTo("3 1/2");
        robot.push(KeyCode.ESCAPE);
        run(() -> field.show(drop + 25.4));
        robot.push(KeyCode.DELETE);
        robot.write("4");
        assertThat(text("blank-drop")).as("also when it became another").isEqualTo("4");
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void countsAreWholeAndWithinTheirBounds() {
        run(() -> {
            MeasureField field = in(MeasureField.count("pieces", 0, 500, taken::add));
            field.show(12);
            for (String text : List.of("1,000", "2.6", "501", "-1", "7")) {
                field.setText(text);
                field.commit();
            }
        });
        assertThat(taken).containsExactly(7);
        assertThat(objections)
                .hasSize(4)
                .anyMatch(o -> o.contains("no whole number"))
                .anyMatch(o -> o.contains("from 0 to 500"));
    }

    @Test
    void aLineOfTextBecomesAFactWhenItIsDone() {
        run(() -> {
            TextEntry entry = in(new TextEntry("title", "title", taken::add));
            entry.show("twelve tees");
            entry.setText("thirteen tees");
            assertThat(entry.isPending()).isTrue();
            entry.restore();
            assertThat(entry.getText()).isEqualTo("twelve tees");
            entry.setText("thirteen tees");
            entry.commit();
            entry.commit();
        });
        assertThat(taken).containsExactly("thirteen tees");
    }

    @Test
    void choicesTellWhatIsChosenByHandAndNotWhatIsShown() {
        run(() -> {
            Controls.Segments<String> segments = in(Controls.segments("s", List.of("a", "b", "c"), x -> x, taken::add));
            segments.show("b");
            assertThat(taken).isEmpty();
            ((ToggleButton) segments.getChildren().get(2)).fire();
            ((ToggleButton) segments.getChildren().get(2)).fire();
            assertThat(((ToggleButton) segments.getChildren().get(2)).isSelected())
                    .as("pressed again, it still holds")
                    .isTrue();
            segments.show(null);
            assertThat(segments.getChildren()).noneMatch(n -> ((ToggleButton) n).isSelected());
        });
        assertThat(taken).containsExactly("c");
    }

    @Test
    void whenWhatHadTheFocusIsGoneItsNeighbourHasIt() {
        run(() -> {
            VBox rows = in(new VBox());
            rows.getChildren().setAll(button("one"), button("two"), button("three"));
            rows.getChildren().get(1).requestFocus();
            Controls.refill(rows, List.of(button("one"), button("two"), button("three")));
            assertThat(rows.getScene().getFocusOwner().getId())
                    .as("found again by its id")
                    .isEqualTo("two");
            Controls.refill(rows, List.of(button("one"), button("three")));
            assertThat(rows.getScene().getFocusOwner().getId()).isEqualTo("three");
            Controls.refill(rows, List.of(button("one")));
            assertThat(rows.getScene().getFocusOwner().getId()).isEqualTo("one");
            Controls.refill(rows, List.of());
            assertThat(rows.getChildren()).isEmpty();
        });
    }

    private static Button button(String id) {
        return Controls.button(id, id, () -> {});
    }

    @Test
    void whatShowsTheSameIsNotBuiltAnew() {
        run(() -> {
            VBox rows = in(new VBox());
            Controls.refillWhenChanged(rows, "first", () -> List.of(button("one")));
            var before = rows.getChildren().getFirst();
            Controls.refillWhenChanged(rows, "first", () -> List.of(button("other")));
            assertThat(rows.getChildren().getFirst()).isSameAs(before);
            Controls.refillWhenChanged(rows, "second", () -> List.of(button("other")));
            assertThat(rows.getChildren().getFirst()).isNotSameAs(before);
        });
    }

    @Test
    void aTypefaceIsFoundByWhatIsTypedAndEnterTakesTheFirst() {
        run(() -> {
            session.show(jurren.app.session.Bench.ART);
            session.choose(Optional.of("m2"));
        });
        settle();
        click("find-typeface");
        Hands.turn();
        robot.write("paci");
        robot.push(javafx.scene.input.KeyCode.ENTER);
        settle();
        assertThat(((jurren.core.art.Lettering)
                                on(() -> session.motif().orElseThrow().source()))
                        .typeface())
                .isEqualTo(jurren.core.lettering.ShippedTypeface.PACIFICO);
    }
}
