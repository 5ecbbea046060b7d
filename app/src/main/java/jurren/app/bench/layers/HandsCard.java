package jurren.app.bench.layers;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.geometry.Placement;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.core.register.OutOfRegister;
import jurren.formats.words.Words;

/**
 * What becomes of the stack if hands are off by so much, and the overlaps that hide it. Worked out beside the window.
 */
final class HandsCard {
    private static final double USUAL_MM = 0.5;
    private static final double MOST_MM = 5;
    private static final long SEED = 20;
    private static final String CHOICE = "handsOffMm";

    private final Session session;
    private final Lane lane;
    private final Runnable redraw;
    private final MeasureField accuracy;
    private final Label says = Controls.label("");
    private final FlowPane cures = Controls.flow();
    private final CheckBox show = new CheckBox(Texts.of("hands.show"));
    private final VBox node;
    private Optional<OutOfRegister> found = Optional.empty();
    /** The layers it was found for. */
    private List<Layer> of = List.of();

    private Object wanted = List.of();

    /** @param redraw told when what is drawn of it changes */
    HandsCard(Session session, Runnable redraw) {
        this.session = session;
        this.lane = session.desk().lane();
        this.redraw = redraw;
        this.accuracy = new MeasureField(
                Texts.of("hands.title"),
                mm -> session.unit().fine(mm),
                text -> session.unit().parse(text),
                MeasureField.within(session::unit, 0.05, MOST_MM),
                mm -> {
                    session.settings().put(CHOICE, String.valueOf(mm));
                    update();
                });
        accuracy.setId("hands-off");
        says.setId("hands-says");
        show.setId("hands-show");
        show.setOnAction(_ -> redraw.run());
        this.node = Controls.card(Controls.row(Texts.of("hands.title"), accuracy), says, cures, show);
        node.managedProperty().bind(node.visibleProperty());
        show.managedProperty().bind(show.visibleProperty());
        cures.managedProperty().bind(cures.visibleProperty());
    }

    Node node() {
        return node;
    }

    private double accuracyMm() {
        try {
            return Math.clamp(Double.parseDouble(session.settings().choice(CHOICE, "")), 0.05, MOST_MM);
        } catch (NumberFormatException _) {
            return USUAL_MM;
        }
    }

    void update() {
        List<Layer> layers = session.sizePlan().map(SizePlan::layers).orElse(List.of());
        double mm = accuracyMm();
        accuracy.show(mm);
        node.setVisible(layers.size() > 1);
        Object now = List.of(layers, mm, session.unit());
        if (layers.size() < 2 || now.equals(wanted)) {
            return;
        }
        wanted = now;
        lane.want(new Order<>(
                Texts.of("work.hands"),
                _ -> OutOfRegister.of(layers, mm, SEED),
                study -> {
                    found = Optional.of(study);
                    of = layers;
                    fill(study);
                    redraw.run();
                },
                why -> says.setText(Texts.of("work.failed", Texts.reason(why)))));
    }

    private void fill(OutOfRegister study) {
        session.linePlan().filter(_ -> isCurrent()).ifPresent(plan -> says.setText(sentence(plan, study)));
        show.setVisible(study.worst().isPresent());
        Controls.refill(
                cures,
                study.proposals().stream()
                        .<Node>map(p -> Controls.button(
                                "overlap-" + p.layer(),
                                Texts.of(
                                        "hands.overlap",
                                        p.layer(),
                                        session.unit().fine(p.join().overlapMm())),
                                () -> session.editLine(l -> l.withJoin(p.film(), p.join()))))
                        .toList());
        cures.setVisible(!study.proposals().isEmpty());
    }

    private boolean isCurrent() {
        return session.sizePlan().map(SizePlan::layers).orElse(List.of()).equals(of);
    }

    private String sentence(LinePlan plan, OutOfRegister study) {
        if (study.worst().isEmpty()) {
            return Texts.of("hands.hidden", study.tries());
        }
        OutOfRegister.Try worst = study.worst().get();
        String gap = study.withGap() == 0
                ? ""
                : Texts.of(
                        "hands.gap",
                        study.withGap(),
                        study.tries(),
                        session.unit().fine(study.widestGapMm()));
        String rim = study.withRim() == 0 || worst.rimOf() == 0
                ? ""
                : Texts.of(
                        "hands.rim",
                        study.withRim(),
                        study.tries(),
                        Words.layerName(plan, worst.rimOf()),
                        session.unit().fine(worst.rimMm()));
        return (gap + " " + rim).strip();
    }

    /** How the layers lie in the worst try, when that is to be shown. */
    Optional<OutOfRegister.Try> shown() {
        return show.isSelected() && isCurrent() ? found.flatMap(OutOfRegister::worst) : Optional.empty();
    }

    /** Where a layer lies by what is shown. */
    Placement lies(int index) {
        return shown().map(t -> t.moved().get(index)).orElse(Placement.HERE);
    }

    void close() {
        lane.stop();
    }
}
