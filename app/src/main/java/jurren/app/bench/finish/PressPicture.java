package jurren.app.bench.finish;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Garment;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind.Role;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;

/**
 * What lies on the thing at a step: what is down in its own colours, what is laid now standing out, where the press
 * closes, where a cover sheet goes, and the lines by which it is laid.
 */
final class PressPicture {
    private final Session session;
    private final FaceCanvas canvas;
    private SizePlan size;
    private List<Step> steps = List.of();
    private int at;

    PressPicture(Session session) {
        this.session = session;
        this.canvas = new FaceCanvas(Texts.of("finish.picture"), 6, this::bounds, this::draw);
    }

    FaceCanvas canvas() {
        return canvas;
    }

    /** @param index of the chosen step */
    void show(SizePlan newSize, List<Step> newSteps, int index) {
        size = newSize;
        steps = newSteps;
        at = index;
        canvas.redraw();
    }

    private boolean onPlaten() {
        return !size.face().isRound() && steps.stream().anyMatch(s -> s.kind().heats());
    }

    private Box bounds() {
        return size == null
                ? Box.ofSize(-200, 0, 400, 400)
                : onPlaten()
                        ? size.platen().positions().stream()
                                .reduce(Box::joined)
                                .orElseThrow()
                                .grown(8)
                        : size.face().pictureBox().grown(4);
    }

    private Optional<Step> step() {
        return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
    }

    private void draw(Pen pen) {
        if (size != null) {
            session.linePlan().ifPresent(plan -> draw(pen, plan));
        }
    }

    private void draw(Pen pen, LinePlan plan) {
        Color cloth = Theme.paint(plan.blankColour().colour());
        Color guide = Theme.lineOn(plan.blankColour().colour());
        if (onPlaten()) {
            pen.fillBox(bounds(), cloth);
        } else {
            pen.blank(size.face().picture(), plan.blankColour().colour());
        }
        Set<Integer> now = new HashSet<>(
                step().filter(s -> !s.kind().does(Role.WEEDS)).map(Step::layers).orElse(List.of()));
        Set<Integer> down = down();
        for (Layer layer : size.layers()) {
            if (now.contains(layer.order())) {
                layer.paints().forEach(i -> pen.fill(i.region(), Placement.HERE, i.colour(), i.ink()));
                pen.outline(layer.region(), Placement.HERE, Theme.PLUM, 1.6);
            } else if (down.contains(layer.order())) {
                layer.paints().forEach(i -> pen.fill(i.region(), Placement.HERE, i.colour(), i.ink()));
            } else {
                pen.fill(layer.region(), guide.interpolate(cloth, 0.86));
            }
        }
        if (onPlaten()) {
            lines(pen, guide);
            platen(pen, guide, !down.isEmpty());
        }
    }

    /** What was put on before this step and was not taken off again. */
    private Set<Integer> down() {
        Set<Integer> down = new HashSet<>();
        for (Step s : steps.subList(0, Math.min(at + 1, steps.size()))) {
            if (s.kind().heats()) {
                down.addAll(s.down());
            } else if (s.kind().does(Role.LAYS)) {
                down.addAll(s.layers());
            }
        }
        return down;
    }

    /** The middle line and the height of the art's upper edge, as light from above would draw them. */
    private void lines(Pen pen, Color guide) {
        Box all = bounds();
        Color light = Theme.MARIGOLD;
        pen.line(new Point(0, all.minYMm()), new Point(0, all.maxYMm()), light, 1);
        size.artBounds().ifPresent(art -> {
            pen.line(new Point(all.minXMm(), art.minYMm()), new Point(all.maxXMm(), art.minYMm()), light, 1);
            if (size.face().form() instanceof Garment) {
                pen.text(
                        Texts.of("finish.below-collar", session.unit().format(art.minYMm())),
                        pen.view().x(all.maxXMm()) - 8,
                        pen.view().y(art.minYMm()) - 9,
                        Theme.measure(11.5),
                        guide,
                        TextAlignment.RIGHT);
            }
        });
    }

    private void platen(Pen pen, Color guide, boolean covered) {
        List<Box> positions = size.platen().positions();
        size.platen().twice().forEach(b -> pen.fillBox(b, Theme.MARIGOLD.deriveColor(0, 1, 1, 0.25)));
        int here = step().filter(s -> s.kind().heats()).map(Step::position).orElse(-1);
        for (int i = 0; i < positions.size(); i++) {
            Box b = positions.get(i);
            pen.box(b, i == here ? Theme.PLUM : guide, i == here ? 2 : 1, 9, 4, 2, 4);
            String text = positions.size() == 1
                    ? Texts.of(
                            "finish.platen",
                            session.unit().rough(b.widthMm()),
                            session.unit().rough(b.heightMm()))
                    : Texts.of("finish.position", i + 1, positions.size());
            if (here == i
                    && covered
                    && step().filter(s -> !s.down().equals(s.layers())).isPresent()) {
                pen.text(
                        Texts.of("finish.cover-sheet"),
                        pen.view().x(b.minXMm()) + 8,
                        pen.view().y(b.maxYMm()) - 27,
                        Theme.measure(11.5),
                        guide,
                        TextAlignment.LEFT);
            }
            pen.text(
                    text,
                    pen.view().x(b.minXMm()) + 8,
                    pen.view().y(b.maxYMm()) - 11,
                    Theme.measure(11.5),
                    guide,
                    TextAlignment.LEFT);
        }
    }
}
