package jurren.app.bench.art;

import java.util.Optional;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Guide;
import jurren.core.art.Sizing;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.plan.Refit;

/** Exact size and place of the chosen motif. */
final class PlacePanel {
    private final Session session;
    private final MeasureField width;
    private final MeasureField height;
    private final MeasureField across;
    private final MeasureField down;
    private final MeasureField turn;
    private final Node turnRow;
    private final Refit refit = new Refit();
    private final CheckBox proportion = new CheckBox(Texts.of("place.proportion"));
    private final VBox node;

    PlacePanel(Session session) {
        this.session = session;
        this.width = MeasureField.length(Texts.of("place.width"), session::unit, mm -> resize(mm, true));
        this.height = MeasureField.length(Texts.of("place.height"), session::unit, mm -> resize(mm, false));
        this.across = MeasureField.offset(
                Texts.of("place.across"),
                session::unit,
                mm -> move(box -> new Point(mm - box.centre().xMm(), 0)));
        this.down = MeasureField.offset(
                Texts.of("place.down"), session::unit, mm -> move(box -> new Point(0, mm - box.minYMm())));
        this.turn = MeasureField.number(Texts.of("place.turn"), " °", -360, 360, this::turn);
        this.turnRow = Controls.row(Texts.of("place.turn"), turn);
        width.setId("motif-width");
        height.setId("motif-height");
        across.setId("motif-across");
        down.setId("motif-down-field");
        turn.setId("motif-turn");
        proportion.setSelected(true);
        proportion.setId("keep-proportion");
        HBox centre = new HBox(
                Controls.spring(),
                Controls.button("centre", Texts.of("place.centre"), new ArtActions(session)::centre));
        this.node = new VBox(
                Controls.caption(Texts.of("place.title")),
                Controls.card(
                        Controls.row(Texts.of("place.width"), width),
                        Controls.row(Texts.of("place.height"), height),
                        proportion,
                        Controls.row(Texts.of("place.across"), across),
                        Controls.row(Texts.of("place.down"), down),
                        turnRow,
                        centre));
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    private Optional<BuiltMotif> built() {
        return session.motif()
                .flatMap(m -> session.linePlan().map(p -> p.motifs().get(m.id())));
    }

    /** Of one motif exactly, of several all together and in proportion, about the middle of their box. */
    private void resize(double mm, boolean isWidth) {
        if (session.motif().isPresent()) {
            built().ifPresent(b -> session.editMotif(m -> m.source() instanceof Guide g
                    ? m.withSource(g.resized(
                            mm / (isWidth ? g.box().widthMm() : g.box().heightMm()), 1))
                    : m.withSource(
                            isWidth
                                    ? Sizing.toWidth(m.source(), b, mm, proportion.isSelected())
                                    : Sizing.toHeight(m.source(), b, mm, proportion.isSelected()))));
        } else {
            around().ifPresent(b -> session.putMotifs(
                    refit.placed(
                            session.chosen(),
                            session.line().motifs(),
                            Placement.scaledAbout(b.centre(), mm / (isWidth ? b.widthMm() : b.heightMm()))),
                    null));
        }
    }

    private Optional<Box> around() {
        return session.linePlan().flatMap(p -> Handles.around(p, session.chosen()));
    }

    private void move(Function<Box, Point> by) {
        around().map(by)
                .ifPresent(d -> session.editChosen(m -> m.withPose(m.pose().moved(d.xMm(), d.yMm())), null));
    }

    private void turn(double degrees) {
        around().ifPresent(b -> session.editMotif(m -> Gesture.turned(m, b.centre(), degrees)));
    }

    void update() {
        boolean chosen = !session.chosen().isEmpty();
        node.setVisible(chosen);
        node.setManaged(chosen);
        SourceCard.show(turnRow, session.motif().isPresent());
        SourceCard.show(proportion, session.motif().isPresent());
        if (!chosen) {
            return;
        }
        Optional<Box> own = session.motif().isPresent()
                ? session.linePlan().flatMap(p -> Handles.own(p, session.motif().get()))
                : around();
        width.show(own.map(Box::widthMm).orElse(Double.NaN));
        height.show(own.map(Box::heightMm).orElse(Double.NaN));
        Optional<Box> placed = around();
        across.show(placed.map(Box::centre).map(Point::xMm).orElse(Double.NaN));
        down.show(placed.map(Box::minYMm).orElse(Double.NaN));
        session.motif().ifPresent(m -> turn.show(m.pose().degrees()));
    }
}
