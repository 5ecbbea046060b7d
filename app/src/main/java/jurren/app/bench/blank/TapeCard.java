package jurren.app.bench.blank;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.blank.Form;
import jurren.core.blank.Surface;
import jurren.core.plan.SizePlan;

/** A round thing as a tape measures it: round the top and foot, and the height where widths are true. */
final class TapeCard {
    private final Session session;
    private final MeasureField top;
    private final MeasureField foot;
    private final MeasureField trueAt;
    private final Label seam = Controls.label("", "hint");
    private final VBox node;

    TapeCard(Session session) {
        this.session = session;
        this.top = round("tape-top", "tape.top", Form.Measure.TOP_DIAMETER);
        this.foot = round("tape-foot", "tape.foot", Form.Measure.FOOT_DIAMETER);
        this.trueAt = new MeasureField(
                Texts.of("tape.true-at"),
                mm -> session.unit().format(mm),
                text -> session.unit().parse(text),
                this::withinSide,
                mm -> session.editLine(l -> l.withThing(l.thing().withTrueAt(Optional.of(mm)))));
        trueAt.setId("true-at");
        this.node = Controls.card(
                Controls.caption(Texts.of("tape.title")),
                Controls.row(Texts.of("tape.top"), top),
                Controls.row(Texts.of("tape.foot"), foot),
                Controls.row(Texts.of("tape.true-at"), trueAt),
                seam);
    }

    private MeasureField round(String id, String name, Form.Measure measure) {
        MeasureField field = new MeasureField(
                Texts.of(name),
                mm -> session.unit().format(mm),
                text -> session.unit().parse(text),
                mm -> objection(measure, mm / Math.PI),
                mm -> Measuring.measure(session, measure, mm / Math.PI));
        field.setId(id);
        return field;
    }

    private Optional<String> objection(Form.Measure measure, double mm) {
        try {
            session.sizePlan().ifPresent(s -> s.face().form().with(measure, mm));
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(Texts.of("measure.cannot-be", e.getMessage()));
        }
    }

    private Optional<String> withinSide(double mm) {
        double slant = surface().map(Surface.Round::slantMm).orElse(0.0);
        return mm >= 0 && mm <= slant
                ? Optional.empty()
                : Optional.of(Texts.of(
                        "field.between",
                        session.unit().format(0),
                        session.unit().format(slant)));
    }

    private Optional<Surface.Round> surface() {
        return session.sizePlan()
                .map(s -> s.face().surface())
                .filter(Surface.Round.class::isInstance)
                .map(Surface.Round.class::cast);
    }

    Node node() {
        return node;
    }

    void update() {
        Optional<Surface.Round> round = surface();
        node.setVisible(round.isPresent());
        node.setManaged(round.isPresent());
        round.ifPresent(r -> {
            SizePlan size = session.sizePlan().orElseThrow();
            top.show(r.roundAtMm(0));
            foot.show(r.roundAtMm(r.slantMm()));
            trueAt.show(size.face().trueAtMm());
            Function<Double, String> mm = session.unit()::format;
            double once = size.face().roundMm().orElseThrow();
            double art = size.artBounds().map(b -> b.widthMm()).orElse(0.0);
            seam.setText(
                    art == 0
                            ? Texts.of("tape.once-round", mm.apply(once))
                            : Texts.of(
                                    art <= once ? "tape.seam-open" : "tape.seam-over",
                                    mm.apply(once),
                                    mm.apply(Math.abs(once - art))));
        });
    }
}
