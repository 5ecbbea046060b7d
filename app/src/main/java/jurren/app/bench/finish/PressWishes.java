package jurren.app.bench.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind.Role;
import jurren.core.job.PressWish;
import jurren.core.layer.Layer;
import jurren.core.material.Film;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;

/**
 * What a person decides about the closing of a step: how long it lasts, and whether its film comes earlier or later.
 */
final class PressWishes {
    private final Session session;
    private final TextField seconds = new TextField();
    private final Button earlier;
    private final Button later;
    private final Button solved;
    private final Label wished = Controls.label("", "hint");
    private final VBox node;
    private SizePlan size;
    private Optional<Step> step = Optional.empty();

    PressWishes(Session session) {
        this.session = session;
        this.earlier = Controls.button("press-earlier", Texts.of("finish.earlier"), () -> move(-1));
        this.later = Controls.button("press-later", Texts.of("finish.later"), () -> move(1));
        this.solved = Controls.button("press-solved", Texts.of("finish.as-solved"), this::forget);
        seconds.setId("press-seconds");
        seconds.setPrefColumnCount(3);
        seconds.setOnAction(_ -> last());
        seconds.focusedProperty().addListener((_, was, _) -> {
            if (was) {
                last();
            }
        });
        HBox dwell = new HBox(Controls.label(Texts.of("finish.dwell")), seconds, Controls.label("s"));
        dwell.getStyleClass().addAll("buttons", "centred");
        FlowPane place = Controls.flow(earlier, later, solved);
        place.setAlignment(Pos.CENTER);
        place.setPrefWrapLength(200);
        this.node = new VBox(dwell, place, wished);
        node.setSpacing(6);
        node.setAlignment(Pos.CENTER);
    }

    Node node() {
        return node;
    }

    void show(LinePlan plan, SizePlan newSize, Optional<Step> chosen) {
        size = newSize;
        step = chosen;
        boolean its =
                layer().isPresent() && chosen.filter(PressWishes::isLaying).isPresent();
        node.setVisible(its);
        node.setManaged(its);
        if (!its) {
            return;
        }
        PressWish wish = wish();
        seconds.setDisable(!chosen.orElseThrow().kind().does(Role.BONDS));
        seconds.setText(String.valueOf(Math.round(chosen.orElseThrow().seconds())));
        earlier.setDisable(neighbour(-1).isEmpty());
        later.setDisable(neighbour(1).isEmpty());
        boolean any = wish.seconds().isPresent() || wish.after().isPresent();
        solved.setVisible(any);
        solved.setManaged(any);
        wished.setText(any ? Texts.of("finish.wished") : "");
        wished.setManaged(any);
    }

    /** The topmost of what is laid at the step. */
    private Optional<Layer> layer() {
        return step.flatMap(this::laid);
    }

    private PressWish wish() {
        return session.line().pressWish(layer().orElseThrow().film());
    }

    private void last() {
        if (layer().isEmpty() || step.filter(s -> s.kind().does(Role.BONDS)).isEmpty()) {
            return;
        }
        try {
            double s = Double.parseDouble(seconds.getText().strip().replace(',', '.'));
            if (Math.round(s) != Math.round(step.orElseThrow().seconds())) {
                put(wish().lasting(Optional.of(s)));
            }
        } catch (IllegalArgumentException e) {
            session.notices().trouble(Texts.of("finish.no-seconds", seconds.getText()));
            seconds.setText(String.valueOf(Math.round(step.orElseThrow().seconds())));
        }
    }

    /** The film of the closing before or after that lays one. */
    private Optional<Layer> neighbour(int way) {
        List<Step> laying = new ArrayList<>(size.finish().steps().stream()
                .filter(s -> s.kind().heats() && !s.layers().isEmpty() && s.position() == 0)
                .toList());
        int here = laying.stream()
                .map(Step::closing)
                .toList()
                .indexOf(step.orElseThrow().closing());
        int there = here + way;
        return here < 0 || there < 0 || there >= laying.size()
                ? Optional.empty()
                : size.layers().stream()
                        .filter(l -> l.order() == laying.get(there).layer())
                        .findFirst();
    }

    private void move(int way) {
        neighbour(way).ifPresent(other -> move(layer().orElseThrow(), other, way > 0));
    }

    /** Whether a step closes the press to lay a film. */
    static boolean isLaying(Step step) {
        return step.kind().does(Role.BONDS, Role.TACKS);
    }

    /** Later than another when it was drawn to the right over it, earlier when to the left. */
    void move(Step drawn, Step onto) {
        Optional<Layer> its = laid(drawn);
        Optional<Layer> other = laid(onto);
        if (isLaying(onto)
                && its.isPresent()
                && other.isPresent()
                && !its.get().film().equals(other.get().film())) {
            move(its.get(), other.get(), onto.order() > drawn.order());
        }
    }

    private Optional<Layer> laid(Step s) {
        return size == null
                ? Optional.empty()
                : size.layers().stream().filter(l -> l.order() == s.layer()).findFirst();
    }

    private void move(Layer its, Layer other, boolean isLater) {
        Film last = isLater ? its.film() : other.film();
        Film first = isLater ? other.film() : its.film();
        session.editLine(l -> l.withPressWish(l.pressWish(first).after(Optional.empty()))
                .withPressWish(l.pressWish(last).after(Optional.of(first))));
    }

    private void forget() {
        layer().ifPresent(l -> put(PressWish.of(l.film())));
    }

    private void put(PressWish wish) {
        session.editLine(l -> l.withPressWish(wish));
    }
}
