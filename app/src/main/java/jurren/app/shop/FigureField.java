package jurren.app.shop;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.job.Figure;
import jurren.core.job.Figures;
import jurren.formats.words.Counts;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.Numbers;

/**
 * One figure of a film, a machine or the prices, to be changed; what it was shipped as is beside it where it is not
 * that any more.
 */
final class FigureField {
    private final Session session;
    private final String currency;

    FigureField(Session session, String currency) {
        this.session = session;
        this.currency = currency;
    }

    /**
     * A row with its name.
     *
     * @param of      says whose figure it is, for the id
     * @param shipped the same as it was shipped, where it was
     * @param taken   told the changed thing
     */
    <T> Node row(String of, Figure<T> figure, Supplier<T> now, Optional<T> shipped, Consumer<T> taken) {
        String name = Texts.of("figure." + figure.id());
        MeasureField field = new MeasureField(
                name,
                v -> format(figure.unit(), v),
                text -> parse(figure.unit(), text),
                v -> figure.objection(now.get(), v).map(why -> Texts.of("figure.cannot-be", why)),
                v -> taken.accept(figure.with().apply(now.get(), v)));
        field.setId(of + "-" + figure.id());
        field.show(figure.of(now.get()));
        HBox box = new HBox(6, field);
        box.setAlignment(Pos.CENTER_RIGHT);
        shipped.filter(s -> Figures.differ(figure, s, now.get())).ifPresent(s -> {
            String was = Texts.of("figure.shipped", format(figure.unit(), figure.of(s)));
            Label tuned = Controls.label(Texts.of("figure.tuned"), "tag");
            tuned.setWrapText(false);
            tuned.setMinWidth(Region.USE_PREF_SIZE);
            box.getChildren()
                    .addAll(
                            0,
                            List.of(
                                    tuned,
                                    Controls.sign(
                                            of + "-" + figure.id() + "-back",
                                            "↺",
                                            was,
                                            () -> taken.accept(figure.with().apply(now.get(), figure.of(s))))));
        });
        return Controls.row(name, box);
    }

    private String format(Figure.Unit unit, double v) {
        return switch (unit) {
            case LENGTH -> session.unit().format(v);
            case FINE_LENGTH -> session.unit().fine(v);
            case FORCE -> Numbers.format(v) + " gf";
            case SPEED -> Numbers.format(v) + " mm/s";
            case SECONDS -> Numbers.format(v) + " s";
            case DEGREES -> session.settings().units().heat().format(v);
            case COUNT -> Counts.format(Math.round(v));
            case MONEY -> currency + String.format(DecimalSign.locale(), "%.2f", v);
            case SHARE -> Numbers.format(v * 100) + " %";
        };
    }

    private Optional<Double> parse(Figure.Unit unit, String text) {
        return switch (unit) {
            case LENGTH, FINE_LENGTH -> session.unit().parse(text);
            case FORCE -> number(text, "gf");
            case SPEED -> number(text, "mm/s");
            case SECONDS -> number(text, "s");
            case DEGREES -> session.settings().units().heat().parse(text);
            case COUNT -> Counts.parse(text).map(Double::valueOf);
            case MONEY -> number(text, currency);
            case SHARE -> number(text, "%").map(v -> v / 100);
        };
    }

    private static Optional<Double> number(String text, String mark) {
        return Numbers.parse(text.replace(mark, "").strip());
    }
}
