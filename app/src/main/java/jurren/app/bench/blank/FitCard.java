package jurren.app.bench.blank;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.blank.Face;
import jurren.core.blank.Fit;
import jurren.core.blank.Obstacle;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.load.Loading;
import jurren.core.plan.Refit;

/** The rules by which the art finds its place. Choosing one puts the art there. */
final class FitCard {
    private final Session session;
    private final Refit refit = new Refit();
    private final Controls.Choice<Fit.Across> across;
    private final Controls.Choice<Fit.Down> down;
    private final Controls.Choice<Fit.Width> width;
    private final Button turn = Controls.button("turn-round", Texts.of("fit.turn"), this::turnRound);
    private final VBox node;

    FitCard(Session session) {
        this.session = session;
        this.across = new Controls.Choice<>(
                "fit-across",
                Texts.of("fit.across"),
                List.of(Fit.Across.values()),
                a -> Texts.of("fit.across." + a + (a == Fit.Across.MIDDLE && hasHandle() ? ".handle" : "")),
                a -> put(session.line().fit().with(a), Fit::putAcross));
        this.down = new Controls.Choice<>(
                "fit-down",
                Texts.of("fit.down"),
                List.of(Fit.Down.values()),
                d -> Texts.of("fit.down." + d),
                d -> put(session.line().fit().with(d), Fit::putDown));
        this.width = new Controls.Choice<>(
                "fit-width",
                Texts.of("fit.width"),
                List.of(Fit.Width.values()),
                w -> Texts.of("fit.width." + w),
                w -> put(
                        session.line().fit().with(w),
                        (fit, face, art) -> fit.putWidth(
                                face,
                                art,
                                session.shop()
                                        .onFilm(session.line().materialId())
                                        .less(Loading.frameMm(session.job().framed())))));
        for (Controls.Choice<?> c : List.of(across, down, width)) {
            c.setMaxWidth(Double.MAX_VALUE);
        }
        this.node = Controls.card(Controls.caption(Texts.of("fit.title")), across, down, width, turn);
    }

    private boolean hasHandle() {
        return session.linePlan()
                .map(p -> p.face().obstacles().stream().anyMatch(o -> o.kind() == Obstacle.Kind.HANDLE))
                .orElse(false);
    }

    /** One of a rule's three ways to place art on a face. */
    private interface Way {
        Placement on(Fit fit, Face face, Box art);
    }

    private void put(Fit fit, Way way) {
        session.linePlan()
                .ifPresent(plan ->
                        session.editLine(l -> refit.put(l, plan.face(), fit, (face, art) -> way.on(fit, face, art))));
    }

    private void turnRound() {
        session.linePlan().ifPresent(plan -> session.editLine(l -> refit.turnedRound(l, plan.face())));
    }

    Node node() {
        return node;
    }

    void update() {
        Fit fit = session.line().fit();
        across.show(null);
        across.show(fit.across());
        down.show(fit.down());
        width.show(fit.width());
        boolean turned = session.linePlan().map(p -> p.face().turnedInUse()).orElse(false);
        turn.setVisible(turned);
        turn.setManaged(turned);
    }
}
