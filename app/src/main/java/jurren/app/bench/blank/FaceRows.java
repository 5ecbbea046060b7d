package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Face;
import jurren.core.blank.Form;
import jurren.core.blank.Garment;
import jurren.core.blank.OwnBlank;
import jurren.core.blank.Panel;
import jurren.core.blank.Surface;
import jurren.core.blank.Vessel;
import jurren.formats.words.Words;

/** The measures of the face that is looked at, as a ruler or a tape takes them. */
final class FaceRows {
    /** What is measured. */
    enum Kind {
        FLAT,
        ROUND
    }

    /** How a round thing is measured across: with a tape round it, or with a ruler. */
    enum Across {
        ROUND,
        DIAMETER
    }

    /** How its height is measured. */
    enum Height {
        SIDE,
        UPRIGHT
    }

    private static final double FLAT_WIDTH_MM = 200;
    private static final double FLAT_HEIGHT_MM = 150;
    private static final double ROUND_ACROSS_MM = 80;
    private static final double ROUND_SIDE_MM = 100;
    private static final Vessel.Handle HANDLE = new Vessel.Handle(15, 5, 40);

    private final Session session;
    private final OwnDraft draft;
    private final VBox rows = new VBox();
    private final List<Runnable> figures = new ArrayList<>();
    private Across across = Across.ROUND;
    private Height high = Height.SIDE;

    FaceRows(Session session, OwnDraft draft) {
        this.session = session;
        this.draft = draft;
        rows.getStyleClass().add("rows");
    }

    static Face usual() {
        return OwnBlank.face(
                "face",
                Texts.of("measure.face.usual"),
                OwnBlank.flat(Panel.Cut.RECTANGLE, FLAT_WIDTH_MM, FLAT_HEIGHT_MM),
                10);
    }

    Node node() {
        return rows;
    }

    /** New rows only where other ones are asked for: a click on the next field must find it. */
    void show() {
        Face face = draft.face();
        Controls.refillWhenChanged(
                rows,
                List.of(
                        face.id(),
                        draft.sizeId(),
                        face.form().getClass(),
                        OwnBlank.isInset(face),
                        across,
                        high,
                        choices(face.form())),
                this::rows);
        figures.forEach(Runnable::run);
    }

    private static Object choices(Form form) {
        return switch (form) {
            case Panel p -> p.cut();
            case Vessel v -> v.handle().isPresent();
            case Garment g -> g.neck();
        };
    }

    private List<Node> rows() {
        figures.clear();
        Face face = draft.face();
        List<Node> all = new ArrayList<>();
        switch (face.form()) {
            case Panel p -> {
                all.add(kinds(Kind.FLAT));
                flat(all, p);
            }
            case Vessel v -> {
                all.add(kinds(Kind.ROUND));
                round(all, v);
            }
            case Garment g -> g.measures().forEach(m -> all.add(measured(m.measure(), Words.measure(m.measure()), 1)));
        }
        if (OwnBlank.isInset(face)) {
            all.add(offset(
                    "own-inset",
                    "measure.inset",
                    () -> OwnBlank.insetMm(draft.face()),
                    mm -> draft.editFace(f -> OwnBlank.inset(f, mm))));
        } else {
            area(all);
        }
        CheckBox turned =
                check("own-turned", "measure.turned", on -> draft.editFaceOfEverySize(f -> f.withTurnedInUse(on)));
        figures.add(() -> turned.setSelected(draft.face().turnedInUse()));
        all.add(turned);
        return all;
    }

    private static CheckBox check(String id, String key, Consumer<Boolean> taken) {
        CheckBox box = new CheckBox(Texts.of(key));
        box.setId(id);
        box.setWrapText(true);
        box.setOnAction(_ -> taken.accept(box.isSelected()));
        return box;
    }

    private Node kinds(Kind now) {
        Controls.Segments<Kind> kinds = Controls.segments(
                "own-kind",
                List.of(Kind.values()),
                k -> Texts.of("measure.kind." + k),
                k -> draft.editFaceOfEverySize(f -> OwnBlank.formed(
                        f,
                        k == Kind.FLAT
                                ? OwnBlank.flat(Panel.Cut.RECTANGLE, FLAT_WIDTH_MM, FLAT_HEIGHT_MM)
                                : OwnBlank.round(
                                        Vessel.Profile.CUP, ROUND_ACROSS_MM, ROUND_ACROSS_MM, ROUND_SIDE_MM))));
        kinds.show(now);
        return new HBox(kinds);
    }

    private void flat(List<Node> all, Panel p) {
        Controls.Choice<Panel.Cut> cut = new Controls.Choice<>(
                "own-cut",
                Texts.of("measure.cut"),
                List.of(Panel.Cut.values()),
                c -> Texts.of("measure.cut." + c),
                c -> draft.editFaceOfEverySize(f -> OwnBlank.formed(
                        f, OwnBlank.flat(c, ((Panel) f.form()).widthMm(), ((Panel) f.form()).heightMm()))));
        cut.show(p.cut());
        all.add(Controls.row(Texts.of("measure.cut"), cut));
        all.add(measured(Form.Measure.WIDTH, Texts.of("measure.width"), 1));
        all.add(measured(Form.Measure.HEIGHT, Texts.of("measure.height"), 1));
        if (p.cut() == Panel.Cut.RECTANGLE) {
            all.add(offset(
                    "own-corner",
                    "measure.corner",
                    () -> ((Panel) draft.face().form()).cornerMm(),
                    mm -> draft.editFace(f -> OwnBlank.measured(f, Form.Measure.CORNER, mm))));
        }
    }

    private void round(List<Node> all, Vessel v) {
        Controls.Choice<Vessel.Profile> profile = new Controls.Choice<>(
                "own-profile",
                Texts.of("measure.cut"),
                List.of(Vessel.Profile.values()),
                c -> Texts.of("measure.profile." + c),
                c -> shaped(o -> new Vessel(
                        c,
                        o.topDiameterMm(),
                        o.footDiameterMm(),
                        o.slantMm(),
                        o.lipClearMm(),
                        o.footClearMm(),
                        o.handle())));
        profile.show(v.profile());
        all.add(Controls.row(Texts.of("measure.cut"), profile));
        Controls.Segments<Across> how =
                Controls.segments("own-across", List.of(Across.values()), a -> Texts.of("measure.across." + a), a -> {
                    across = a;
                    show();
                });
        how.show(across);
        all.add(new HBox(how));
        double each = across == Across.ROUND ? Math.PI : 1;
        all.add(measured(Form.Measure.TOP_DIAMETER, Texts.of("measure.top." + across), each));
        all.add(measured(Form.Measure.FOOT_DIAMETER, Texts.of("measure.foot." + across), each));
        Controls.Segments<Height> height =
                Controls.segments("own-high", List.of(Height.values()), h -> Texts.of("measure.high." + h), h -> {
                    high = h;
                    show();
                });
        height.show(high);
        all.add(new HBox(height));
        all.add(length(
                "own-side",
                "measure.side." + high,
                () -> side(vessel()),
                mm -> draft.editFace(f -> OwnBlank.measured(f, Form.Measure.SLANT, slant(f, mm)))));
        CheckBox has =
                check("own-handle", "measure.handle", on -> handled(_ -> on ? Optional.of(HANDLE) : Optional.empty()));
        figures.add(() -> has.setSelected(vessel().handle().isPresent()));
        all.add(has);
        if (v.handle().isPresent()) {
            handle(all);
        }
    }

    private Vessel vessel() {
        return (Vessel) draft.face().form();
    }

    private double side(Vessel v) {
        double lean = (v.topDiameterMm() - v.footDiameterMm()) / 2;
        return high == Height.SIDE ? v.slantMm() : Math.sqrt(Math.max(0, v.slantMm() * v.slantMm() - lean * lean));
    }

    private double slant(Face face, double mm) {
        Vessel v = (Vessel) face.form();
        return high == Height.SIDE
                ? mm
                : Surface.Round.ofHeight(v.topDiameterMm(), v.footDiameterMm(), mm)
                        .slantMm();
    }

    private void handle(List<Node> all) {
        Supplier<Vessel.Handle> now = () -> vessel().handle().orElse(HANDLE);
        all.add(length(
                "own-handle-width",
                "measure.handle.width",
                () -> now.get().widthMm(),
                mm -> handled(h -> Optional.of(new Vessel.Handle(mm, h.clearMm(), h.reachMm())))));
        all.add(offset(
                "own-handle-clear",
                "measure.handle.clear",
                () -> now.get().clearMm(),
                mm -> handled(h -> Optional.of(new Vessel.Handle(h.widthMm(), mm, h.reachMm())))));
        all.add(length(
                "own-handle-reach",
                "measure.handle.reach",
                () -> now.get().reachMm(),
                mm -> handled(h -> Optional.of(new Vessel.Handle(h.widthMm(), h.clearMm(), mm)))));
    }

    private void handled(Function<Vessel.Handle, Optional<Vessel.Handle>> change) {
        shaped(o -> new Vessel(
                o.profile(),
                o.topDiameterMm(),
                o.footDiameterMm(),
                o.slantMm(),
                o.lipClearMm(),
                o.footClearMm(),
                change.apply(o.handle().orElse(HANDLE))));
    }

    private void shaped(UnaryOperator<Vessel> change) {
        draft.editFaceOfEverySize(f -> f.withForm(change.apply((Vessel) f.form())));
    }

    private void area(List<Node> all) {
        all.add(Controls.caption(Texts.of("measure.area")));
        all.add(length(
                "own-area-width",
                "measure.width",
                () -> draft.face().area().widthMm(),
                mm -> area(a -> new AreaMeasures(mm, a.heightMm(), a.dropMm()))));
        all.add(length(
                "own-area-height",
                "measure.height",
                () -> draft.face().area().heightMm(),
                mm -> area(a -> new AreaMeasures(a.widthMm(), mm, a.dropMm()))));
        all.add(offset(
                "own-area-drop",
                "measure.drop",
                () -> draft.face().area().dropMm(),
                mm -> area(a -> new AreaMeasures(a.widthMm(), a.heightMm(), mm))));
    }

    private void area(UnaryOperator<AreaMeasures> change) {
        draft.editFace(f -> f.withArea(change.apply(f.area())));
    }

    /** @param each how much longer what the tape says is than the measure */
    private Node measured(Form.Measure measure, String name, double each) {
        String id = switch (measure) {
            case TOP_DIAMETER -> "own-top";
            case FOOT_DIAMETER -> "own-foot";
            default -> "own-" + measure.name().toLowerCase(Locale.ROOT).replace('_', '-');
        };
        return row(
                id,
                name,
                MeasureField.length(
                        name, session::unit, taken -> draft.editFace(f -> OwnBlank.measured(f, measure, taken / each))),
                () -> draft.face().form().measures().stream()
                                .filter(m -> m.measure() == measure)
                                .findFirst()
                                .orElseThrow()
                                .mm()
                        * each);
    }

    private Node length(String id, String key, DoubleSupplier now, DoubleConsumer taken) {
        return row(id, Texts.of(key), MeasureField.length(Texts.of(key), session::unit, taken::accept), now);
    }

    private Node offset(String id, String key, DoubleSupplier now, DoubleConsumer taken) {
        return row(id, Texts.of(key), MeasureField.offset(Texts.of(key), session::unit, taken::accept), now);
    }

    private Node row(String id, String name, MeasureField field, DoubleSupplier now) {
        field.setId(id);
        figures.add(() -> field.show(now.getAsDouble()));
        return Controls.row(name, field);
    }
}
