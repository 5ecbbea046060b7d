package jurren.app.theme;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import jurren.formats.words.Counts;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Numbers;

/**
 * A number that is edited in place. Text that is no measure, or one that is not taken, leaves the last
 * good value and shows why until the next key.
 */
public final class MeasureField extends TextField implements Typed {
    /** Longer than any roll. */
    private static final double MOST_MM = 100_000;

    private static final String BAD = "bad";

    private final Function<Double, String> format;
    private final Function<String, Optional<Double>> parse;
    private final Function<Double, Optional<String>> check;
    private final Consumer<Double> taken;
    private final String noMeasure;
    private String shown = "";

    /**
     * @param check why a number cannot be taken, empty when it can
     * @param taken told every new number
     */
    public MeasureField(
            String name,
            Function<Double, String> format,
            Function<String, Optional<Double>> parse,
            Function<Double, Optional<String>> check,
            Consumer<Double> taken) {
        this(name, format, parse, "field.no-measure", check, taken);
    }

    private MeasureField(
            String name,
            Function<Double, String> format,
            Function<String, Optional<Double>> parse,
            String noMeasure,
            Function<Double, Optional<String>> check,
            Consumer<Double> taken) {
        this.noMeasure = noMeasure;
        this.format = format;
        this.parse = parse;
        this.check = check;
        this.taken = taken;
        getStyleClass().add("measure-field");
        setAccessibleText(name);
        setOnAction(_ -> commit());
        focusedProperty().addListener((_, _, focused) -> {
            if (focused) {
                selectAll();
            } else {
                commit();
            }
        });
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE && isPending()) {
                restore();
                e.consume();
            }
        });
        textProperty().addListener((_, _, _) -> explain(null));
    }

    /** A length above zero, in the unit on show at the time. */
    public static MeasureField length(String name, Supplier<LengthUnit> unit, Consumer<Double> taken) {
        return new MeasureField(
                name, mm -> unit.get().format(mm), text -> unit.get().parse(text), above(unit), taken);
    }

    /** A length that may be on either side of zero. */
    public static MeasureField offset(String name, Supplier<LengthUnit> unit, Consumer<Double> taken) {
        return new MeasureField(
                name,
                mm -> unit.get().format(mm),
                text -> unit.get().parse(text),
                within(unit, -MOST_MM, MOST_MM),
                taken);
    }

    /** Why a length above zero cannot be taken. */
    public static Function<Double, Optional<String>> above(Supplier<LengthUnit> unit) {
        Function<Double, Optional<String>> far = within(unit, -MOST_MM, MOST_MM);
        return mm -> mm > 0 ? far.apply(mm) : Optional.of(Texts.of("field.above-zero"));
    }

    /** Why a length out of bounds cannot be taken. */
    public static Function<Double, Optional<String>> within(Supplier<LengthUnit> unit, double leastMm, double mostMm) {
        return mm -> mm >= leastMm && mm <= mostMm
                ? Optional.empty()
                : Optional.of(Texts.of(
                        "field.between", unit.get().format(leastMm), unit.get().format(mostMm)));
    }

    /** A whole number. */
    public static MeasureField count(String name, int least, int most, Consumer<Integer> taken) {
        return new MeasureField(
                name,
                v -> Counts.format(Math.round(v)),
                Counts::parse,
                "field.no-count",
                v -> v >= least && v <= most
                        ? Optional.empty()
                        : Optional.of(Texts.of("field.between", String.valueOf(least), String.valueOf(most))),
                v -> taken.accept((int) Math.round(v)));
    }

    /** A plain number with a mark behind it, within limits. */
    public static MeasureField number(String name, String mark, double least, double most, Consumer<Double> taken) {
        return new MeasureField(
                name,
                v -> Numbers.format(v) + mark,
                text -> Numbers.parse(text.replace(mark.strip(), "")),
                v -> v >= least && v <= most
                        ? Optional.empty()
                        : Optional.of(Texts.of("field.between", Numbers.format(least), Numbers.format(most))),
                taken);
    }

    /**
     * Shows a value, unless the person is typing another. What is marked stays marked: a plan may come between marking
     * and typing.
     */
    public void show(double newValue) {
        boolean untouched = getText().equals(shown);
        shown = Double.isNaN(newValue) ? "" : format.apply(newValue);
        if ((!isFocused() || untouched) && !getText().equals(shown)) {
            boolean allMarked = isFocused() && getSelection().getLength() == getLength();
            setText(shown);
            if (allMarked) {
                selectAll();
            }
        }
    }

    @Override
    public boolean isPending() {
        return !getText().equals(shown);
    }

    @Override
    public void restore() {
        setText(shown);
        selectAll();
    }

    @Override
    public void commit() {
        if (!isPending()) {
            return;
        }
        Optional<Double> typed = parse.apply(getText());
        Optional<String> objection = typed.map(check).orElse(Optional.of(Texts.of(noMeasure, getText())));
        if (objection.isPresent()) {
            String why = objection.get();
            restore();
            explain(why);
            return;
        }
        shown = format.apply(typed.get());
        setText(shown);
        taken.accept(typed.get());
    }

    private void explain(String why) {
        getStyleClass().remove(BAD);
        setTooltip(null);
        setAccessibleHelp(why);
        if (why != null) {
            getStyleClass().add(BAD);
            setTooltip(new Tooltip(why));
            fireEvent(new Objection(why));
        }
    }
}
