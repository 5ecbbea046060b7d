package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.art.Guide;
import jurren.core.art.PrintedPicture;
import jurren.core.art.TracedPicture;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;

/** The cards of what comes from pictures. */
final class PictureCards {
    private PictureCards() {}

    /** A traced picture: the film for each colour found, and the way back to the tracing. */
    static final class OfTraced extends SourceCard<TracedPicture> {
        private final VBox colours = new VBox(6);

        OfTraced(Session session, ArtActions actions) {
            super(TracedPicture.class, session, actions);
        }

        @Override
        Node node() {
            Label file = Controls.label("");
            Button again = Controls.button(
                    "trace-again",
                    Texts.of("traced.again"),
                    () -> session.motif()
                            .ifPresent(m -> colours.fireEvent(new AskFor(AskFor.What.TRACE_AGAIN, m.id()))));
            fills(t -> {
                file.setText(t.file().name());
                // what was found when it was taken; tracing anew would keep the window waiting
                List<Colour> found = t.shownAs().keySet().stream()
                        .sorted(Comparator.comparing(Colour::hex))
                        .toList();
                Controls.refillWhenChanged(colours, List.of(found, t.shownAs(), material()), () -> rows(t, found));
            });
            Button print = Controls.button(
                    "traced-print",
                    Texts.of("traced.print"),
                    () -> now().ifPresent(t -> session.editMotif(m -> m.withSource(new PrintedPicture(
                            t.file(), PrintedPicture.Crop.NONE, 1, t.mmPerPxAcross(), t.mmPerPxDown())))));
            fills(t -> show(print, t.straightening().isEmpty()));
            return Controls.card(title("traced.title"), file, colours, again, print);
        }

        private Object material() {
            return session.linePlan().map(p -> p.material().id()).orElse("");
        }

        private List<Node> rows(TracedPicture t, List<Colour> found) {
            List<Node> rows = new ArrayList<>();
            for (Colour c : found) {
                Swatches<FilmColour> films = new Swatches<>(
                        "film-for-" + c.hex().substring(1),
                        FilmColour::name,
                        FilmColour::colour,
                        f -> edit(s -> s.withShown(c, f.colour())));
                session.linePlan()
                        .ifPresent(p -> films.show(
                                p.material().colours(),
                                p.material().sold(t.shown(c)).orElse(null)));
                if (found.size() > 1) {
                    rows.add(Controls.label(Texts.of("traced.for", c.hex()), "hint"));
                }
                rows.add(films);
            }
            return rows;
        }
    }

    /** A picture that is printed: how fine it is, what is cropped off, how much shows through. */
    static final class OfPrinted extends SourceCard<PrintedPicture> {
        OfPrinted(Session session, ArtActions actions) {
            super(PrintedPicture.class, session, actions);
        }

        @Override
        Node node() {
            Label file = Controls.label("");
            Label fine = Controls.label("", "hint");
            fine.setId("picture-fine");
            MeasureField opacity = MeasureField.number(
                    Texts.of("picture.opacity"), " %", 1, 100, v -> edit(p -> p.withOpacity(v / 100)));
            opacity.setId("picture-opacity");
            List<MeasureField> crops = List.of(
                    crop("left", (c, v) -> new PrintedPicture.Crop(v, c.top(), c.right(), c.bottom())),
                    crop("right", (c, v) -> new PrintedPicture.Crop(c.left(), c.top(), v, c.bottom())),
                    crop("top", (c, v) -> new PrintedPicture.Crop(c.left(), v, c.right(), c.bottom())),
                    crop("bottom", (c, v) -> new PrintedPicture.Crop(c.left(), c.top(), c.right(), v)));
            VBox cropped = new VBox(6, Controls.label(Texts.of("picture.crop"), "hint"));
            for (MeasureField f : crops) {
                cropped.getChildren().add(Controls.row(f.getAccessibleText(), f));
            }
            Button trace = Controls.button(
                    "picture-trace",
                    Texts.of("picture.trace"),
                    () -> session.motif()
                            .ifPresent(m -> cropped.fireEvent(new AskFor(AskFor.What.TRACE_AGAIN, m.id()))));
            fills(p -> {
                file.setText(p.file().name());
                fine.setText(Texts.of(
                        p.perInch() < PrintedPicture.COARSE_PER_INCH ? "picture.coarse" : "picture.about",
                        Math.round(p.perInch())));
                opacity.show(100 * p.opacity());
                double[] shares = {
                    p.crop().left(), p.crop().right(), p.crop().top(), p.crop().bottom()
                };
                for (int i = 0; i < shares.length; i++) {
                    crops.get(i).show(100 * shares[i]);
                }
            });
            return Controls.card(
                    title("picture.title"),
                    file,
                    fine,
                    Controls.row(Texts.of("picture.opacity"), opacity),
                    cropped,
                    trace);
        }

        private MeasureField crop(String side, BiFunction<PrintedPicture.Crop, Double, PrintedPicture.Crop> with) {
            MeasureField field = MeasureField.number(
                    Texts.of("picture." + side),
                    " %",
                    0,
                    98,
                    v -> edit(p -> p.withCrop(with.apply(p.crop(), v / 100))));
            field.setId("picture-crop-" + side);
            return field;
        }
    }

    /** A guide: how strong it shows, and its size by two points. */
    static final class OfGuide extends SourceCard<Guide> {
        private final GuideScale scale;

        OfGuide(Session session, ArtActions actions, GuideScale scale) {
            super(Guide.class, session, actions);
            this.scale = scale;
        }

        @Override
        Node node() {
            Label file = Controls.label("");
            Slider strength = new Slider(0.05, 1, 0.5);
            strength.setId("guide-strength");
            strength.setAccessibleText(Texts.of("guide.strength"));
            boolean[] quiet = {false};
            strength.valueProperty().addListener((_, _, v) -> {
                if (!quiet[0]) {
                    edit(g -> g.withStrength(v.doubleValue()), "guide strength");
                }
            });
            Button mark = Controls.button("guide-mark", Texts.of("guide.mark"), scale::begin);
            MeasureField distance = MeasureField.length(Texts.of("guide.distance"), session::unit, scale::distance);
            distance.setId("guide-distance");
            HBox distanceRow = Controls.row(Texts.of("guide.distance"), distance);
            fills(g -> {
                file.setText(g.file().name());
                if (!strength.isValueChanging()) {
                    quiet[0] = true;
                    strength.setValue(g.strength());
                    quiet[0] = false;
                }
                show(distanceRow, scale.isReady());
                distance.show(
                        Optional.of(scale.distanceMm()).filter(d -> !d.isNaN()).orElse(Double.NaN));
            });
            return Controls.card(
                    title("guide.title"),
                    file,
                    Controls.label(Texts.of("guide.about"), "hint"),
                    Controls.row(Texts.of("guide.strength"), strength),
                    mark,
                    distanceRow);
        }
    }
}
