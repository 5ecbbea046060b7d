package jurren.app.bench.layers;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.FlowPane;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Fit;
import jurren.core.geometry.Box;
import jurren.core.layer.Layer;
import jurren.core.layer.LineUp;
import jurren.core.layer.Panels;
import jurren.core.load.Loading;
import jurren.core.material.Film;
import jurren.core.plan.LinePlan;
import jurren.core.way.known.Ways;

/** How a wide film is split: where its seams are and by how much its panels overlap, told on the card of the first. */
final class PanelsCard {
    /** A film narrower than this much of what can be cut is not thought of as one to split. */
    private static final double WIDE_SHARE = 0.85;

    private static final double FIELD_PX = 88;

    private final Session session;

    PanelsCard(Session session) {
        this.session = session;
    }

    /** Told once, on the lowest film that is laid by hand of a thing that is decorated on several places. */
    Optional<Node> lineUp(LinePlan plan, Layer layer) {
        Optional<Layer> lowest = plan.drawn().layers().stream()
                .filter(l -> l.role() == Layer.Role.FILM
                        && l.isCut()
                        && Ways.of(l.material()).byHand().isPresent())
                .findFirst();
        if (plan.line().places().size() < 2
                || lowest.map(l -> l.order() != layer.order()).orElse(true)) {
            return Optional.empty();
        }
        CheckBox marks = new CheckBox(Texts.of("panels.line-up"));
        marks.setId("line-up");
        marks.setWrapText(true);
        marks.setSelected(plan.line().lineUpMm().isPresent());
        marks.setOnAction(_ -> lineUp(plan.line().id(), marks.isSelected()));
        return Optional.of(marks);
    }

    private void lineUp(String lineId, boolean on) {
        List<Box> art = session.plan().stream()
                .flatMap(p -> p.lines().stream())
                .filter(l -> l.line().id().equals(lineId))
                .flatMap(l -> l.drawn().artBounds().stream())
                .toList();
        session.editLine(l -> l.withLineUp(on ? Optional.of(LineUp.heightMm(art)) : Optional.empty()));
    }

    Optional<Node> of(LinePlan plan, Layer layer) {
        if (layer.role() != Layer.Role.FILM || !layer.isCut()) {
            return Optional.empty();
        }
        if (layer.panel().isPresent()) {
            return Optional.ofNullable(plan.line().panels().get(layer.film()))
                    .filter(_ -> layer.panel().get().number() == 1)
                    .map(p -> split(plan, layer.film(), p));
        }
        Fit.OnFilm most = session.shop()
                .onFilm(layer.material().id())
                .less(Loading.frameMm(session.job().framed()));
        Box box = layer.region().bounds();
        boolean wide = Math.min(box.widthMm(), box.heightMm()) > WIDE_SHARE * most.acrossMm()
                || Math.max(box.widthMm(), box.heightMm()) > most.alongMm();
        return wide
                ? Optional.of(Controls.flow(Controls.button(
                        "panels-split-" + layer.order(), Texts.of("panels.split"), () -> split(layer, most), "small")))
                : Optional.empty();
    }

    /** As few as fit; two where it fits as a whole. */
    private void split(Layer layer, Fit.OnFilm most) {
        double overlap =
                Panels.usualOverlapMm(Ways.of(layer.material()).byHand().isPresent());
        Optional<Panels> panels = Panels.fitting(layer.region(), most.acrossMm(), most.alongMm(), overlap)
                .or(() -> Panels.two(layer.region(), overlap));
        panels.ifPresentOrElse(
                p -> session.editLine(l -> l.withPanels(layer.film(), Optional.of(p))),
                () -> session.notices().say(Texts.of("panels.cannot")));
    }

    private Node split(LinePlan plan, Film film, Panels now) {
        Box box = plan.drawn().of(film).bounds();
        double from = now.upright() ? box.minXMm() : box.minYMm();
        double extent = now.upright() ? box.widthMm() : box.heightMm();
        List<Node> all = new ArrayList<>();
        all.add(Controls.figure(Texts.of(now.upright() ? "panels.from-left" : "panels.from-top")));
        for (int k = 0; k < now.at().size(); k++) {
            int seam = k;
            double least = k == 0 ? 0 : now.seamMm(k - 1, box) - from;
            double most = k == now.at().size() - 1 ? extent : now.seamMm(k + 1, box) - from;
            all.add(field(
                    "panels-seam-" + (k + 1),
                    Texts.of("panels.seam", k + 1),
                    now.seamMm(k, box) - from,
                    least + 1,
                    most - 1,
                    mm -> put(film, now.with(seam, mm / extent))));
        }
        all.add(Controls.figure(Texts.of("panels.overlap")));
        all.add(field(
                "panels-overlap",
                Texts.of("panels.overlap"),
                now.overlapMm(),
                0,
                Panels.MOST_OVERLAP_MM,
                mm -> put(film, now.withOverlap(mm))));
        all.add(Controls.button(
                "panels-whole",
                Texts.of("panels.whole"),
                () -> session.editLine(l -> l.withPanels(film, Optional.empty())),
                "small"));
        return new FlowPane(8, 4, all.toArray(Node[]::new));
    }

    private void put(Film film, Panels panels) {
        session.editLine(l -> l.withPanels(film, Optional.of(panels)));
    }

    private Node field(String id, String name, double now, double least, double most, DoubleConsumer taken) {
        MeasureField field = new MeasureField(
                name,
                mm -> session.unit().format(mm),
                text -> session.unit().parse(text),
                MeasureField.within(session::unit, least, most),
                mm -> taken.accept(mm));
        field.setId(id);
        field.show(now);
        field.setPrefWidth(Theme.wide(FIELD_PX));
        return field;
    }
}
