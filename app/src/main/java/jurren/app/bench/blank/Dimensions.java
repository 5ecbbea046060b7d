package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Face;
import jurren.core.blank.Form;
import jurren.core.geometry.Point;
import jurren.core.job.Line;
import jurren.core.plan.SizePlan;
import jurren.formats.words.Words;

/**
 * Measures drawn as in a dimensioned drawing, each with a field on its line. A canvas gives the lines
 * anew at every drawing; the fields stay the same, so that one that is being typed in is not lost.
 */
final class Dimensions {
    private static final double MOST_MM = 10_000;
    private static final double FIELD_WIDTH = 84;
    private static final double FIELD_HEIGHT = 26;

    /**
     * One measure.
     *
     * @param at     where along the line its field stands, 0 at its beginning
     * @param asidePx how far the field stands beside the line, to the right
     */
    record Dimension(
            String id,
            String name,
            Point from,
            Point to,
            double mm,
            double at,
            double asidePx,
            Consumer<Double> edit) {}

    private final Session session;
    private final FaceCanvas canvas;
    private final Map<String, MeasureField> fields = new LinkedHashMap<>();
    private final Map<String, Dimension> shown = new LinkedHashMap<>();

    Dimensions(Session session, FaceCanvas canvas) {
        this.session = session;
        this.canvas = canvas;
        canvas.whenDrawn(this::placeFields);
    }

    /** From now on these, until the next. */
    void draw(Pen pen, List<Dimension> dimensions) {
        shown.clear();
        dimensions.forEach(d -> {
            shown.put(d.id, d);
            pen.dimension(d.from, d.to, Theme.MARIGOLD);
        });
    }

    private void placeFields() {
        fields.forEach((id, field) -> field.setVisible(shown.containsKey(id)));
        for (Dimension d : shown.values()) {
            MeasureField field = fields.computeIfAbsent(d.id, _ -> make(d));
            field.show(d.mm);
            Point middle = d.from.towards(d.to, d.at);
            double x = canvas.view().x(middle.xMm()) + d.asidePx - (d.asidePx == 0 ? Theme.wide(FIELD_WIDTH) / 2 : 0);
            double y = canvas.view().y(middle.yMm()) - Theme.high(FIELD_HEIGHT) / 2;
            field.relocate(
                    Math.clamp(x, 0, Math.max(0, canvas.getWidth() - Theme.wide(FIELD_WIDTH))),
                    Math.clamp(y, 0, Math.max(0, canvas.getHeight() - Theme.high(FIELD_HEIGHT))));
        }
    }

    private MeasureField make(Dimension d) {
        MeasureField field = new MeasureField(
                d.name,
                mm -> session.unit().format(mm),
                text -> session.unit().parse(text),
                mm -> objection(d.id, mm),
                mm -> Optional.ofNullable(shown.get(d.id)).orElse(d).edit.accept(mm));
        field.setId(d.id);
        field.getStyleClass().add("on-drawing");
        field.setPrefWidth(Theme.wide(FIELD_WIDTH));
        field.setTooltip(new javafx.scene.control.Tooltip(d.name));
        canvas.getChildren().add(field);
        return field;
    }

    /** What cannot be is refused by the measures themselves. */
    private Optional<String> objection(String id, double mm) {
        Optional<String> outOfBounds = MeasureField.above(session::unit).apply(mm);
        if (outOfBounds.isPresent() && !id.equals("blank-drop") || Math.abs(mm) > MOST_MM) {
            return outOfBounds.or(
                    () -> MeasureField.within(session::unit, -MOST_MM, MOST_MM).apply(mm));
        }
        try {
            Optional<SizePlan> size = session.sizePlan();
            if (size.isPresent()) {
                check(size.get().face(), id, mm);
            }
            return Optional.empty();
        } catch (IllegalArgumentException e) {
            return Optional.of(Texts.of("measure.cannot-be", e.getMessage()));
        }
    }

    private static void check(Face face, String id, double mm) {
        AreaMeasures a = face.area();
        switch (id) {
            case "blank-drop" -> new AreaMeasures(a.widthMm(), a.heightMm(), mm);
            case "blank-width" -> new AreaMeasures(mm, a.heightMm(), a.dropMm());
            case "blank-height" -> new AreaMeasures(a.widthMm(), mm, a.dropMm());
            default -> face.form().with(measureOf(id), mm);
        }
    }

    static String idOf(Form.Measure measure) {
        return "measure-" + measure.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    private static Form.Measure measureOf(String id) {
        return Form.Measure.valueOf(id.substring("measure-".length())
                .toUpperCase(java.util.Locale.ROOT)
                .replace('-', '_'));
    }

    // ---- what there is to measure

    Dimension area(
            String id,
            String name,
            Point from,
            Point to,
            double mm,
            double at,
            double aside,
            java.util.function.BiFunction<AreaMeasures, Double, AreaMeasures> change) {
        return new Dimension(
                id,
                Texts.of(name),
                from,
                to,
                mm,
                at,
                aside,
                value -> session.sizePlan().ifPresent(s -> changeArea(s, change.apply(s.area(), value))));
    }

    /** On the size the art is drawn for, the art keeps its distance from the area's new place. */
    private void changeArea(SizePlan size, AreaMeasures area) {
        double down = area.dropMm() - size.area().dropMm();
        session.editLine(l -> {
            Line changed = l.withSize(size.id(), s -> s.withArea(Optional.of(area)));
            return size.id().equals(l.drawnFor())
                    ? changed.withMotifs(changed.motifs().stream()
                            .map(m -> m.withPose(m.pose().moved(0, down)))
                            .toList())
                    : changed;
        });
    }

    Dimension form(Form.Measure measure, Point from, Point to, double mm, double at, double aside) {
        return new Dimension(
                idOf(measure), Words.measure(measure), from, to, mm, at, aside, value -> measure(measure, value));
    }

    /** A measure of the thing itself, taken for this order. */
    void measure(Form.Measure measure, double mm) {
        Measuring.measure(session, measure, mm);
    }

    static List<Dimension> of(Dimension... all) {
        return new ArrayList<>(List.of(all));
    }
}
