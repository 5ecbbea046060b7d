package jurren.formats.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import jurren.core.art.Colouring;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Films;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.DrawCloser;
import jurren.core.art.treat.DropCrumbs;
import jurren.core.art.treat.HoldIslands;
import jurren.core.art.treat.KeepInside;
import jurren.core.art.treat.RoundCorners;
import jurren.core.blank.Fit;
import jurren.core.geometry.CornerStyle;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.layer.Join;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.svg.SvgReader;

/**
 * The Otterbrook Kite Fair: tees decorated in front and on their backs, wrapped tumblers, jar labels, laptop lids and a
 * stencil.
 */
public final class DemoJob {
    private static final String NAME = "Otterbrook Kite Fair";
    private static final Colour CREAM = Colour.of("#F6EFDC");
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final Colour TANGERINE = Colour.of("#E8743B");
    private static final Colour GOLD = Colour.of("#D1A94B");
    private static final Colour PLATE = Colour.of("#3F6E96");
    private static final Colour PLUM = Colour.of("#7C2E57");
    private static final double PICTURE_MM = 182;
    private static final String ONE_SIZE = "one size";

    private DemoJob() {}

    /** Known before the job itself is made. */
    public static String name() {
        return NAME;
    }

    /** The whole of it: mixed films, a front and a back, a print over flock, jar labels. */
    public static Job make() {
        Job simple = simple();
        List<Line> lines = new ArrayList<>(simple.lines());
        lines.set(0, back(withStar(lines.getFirst()).withTitle("12 crew tees, front and back")));
        lines.add(2, labels());
        return simple.withLines(lines);
    }

    /** Each line of one material at one place. */
    public static Job simple() {
        Motif kite = new Motif(
                "m1",
                "Kite and tail",
                drawing("otterbrook-kite.svg"),
                List.of(new Treatment.Weld()),
                Pose.at(0, 203.2));
        Motif name = new Motif(
                "m2",
                "OTTERBROOK",
                new Lettering("OTTERBROOK", ShippedTypeface.ANTON, 46.49, 0.02, 1, CREAM),
                List.of(new Treatment.Weld(), new RoundCorners(0.6)),
                Pose.at(0, 212));
        Motif crew = new Motif(
                "m3",
                "kite crew",
                new Lettering("kite crew", ShippedTypeface.PACIFICO, 29, 0, 1, CREAM),
                List.of(new DrawCloser(0.3, 4)),
                Pose.at(0, 262));
        Line tees = new Line(
                "A",
                "12 crew tees, chest",
                Thing.of("tee-adult", "black"),
                "smooth-film",
                "M",
                List.of(SizeEntry.of("S", 2), SizeEntry.of("M", 4), SizeEntry.of("L", 4), SizeEntry.of("XL", 2)),
                List.of(kite, name, crew),
                Map.of(Film.of("smooth-film", SKY), new Join.KnockedOut(1)),
                Fit.USUAL);
        return new Job(NAME, "0412", "Sat 5 Dec", true, List.of(tees, tumblers(), lid(), sign()));
    }

    private static Line withStar(Line tees) {
        Motif star = new Motif("m4", "Star", Shape.of(Shape.Kind.STAR, 26, GOLD), List.of(), Pose.at(-88, 116))
                .withFilms(Films.allOf("glitter-film"));
        List<Motif> all = new ArrayList<>(tees.motifs());
        all.add(star);
        return tees.withMotifs(all);
    }

    /**
     * On their backs a picture and a word, printed into one flock base each; the picture leaves a rim of the base's own
     * ground.
     */
    private static Line back(Line front) {
        Motif word = new Motif(
                        "m5",
                        "CREW",
                        new Lettering("CREW", ShippedTypeface.ANTON, 58, 0.02, 1, SKY),
                        List.of(new Treatment.Weld()),
                        Pose.at(0, 370))
                .withFilms(Films.allOf("flock-base"));
        Motif frame = new Motif(
                        "m6",
                        "Frame",
                        new Shape(Shape.Kind.ROUNDED, 186, 136, 4, 0.14, CREAM),
                        List.of(),
                        Pose.at(0, 200))
                .withFilms(Films.allOf("flock-base"));
        Motif dusk = new Motif(
                        "m7",
                        "Kites at dusk",
                        picture("otterbrook-dusk.jpg"),
                        List.of(new KeepInside("m6", 3)),
                        Pose.at(0, 200))
                .withFilms(Films.allOf("flock-base"));
        return front.withPlace(Place.of("back", "smooth-film"))
                .withMotifs(List.of(word, frame, dusk))
                .at(0);
    }

    /** Printed, and cut around a little outside the label. */
    private static Line labels() {
        Motif ground = new Motif(
                "m1", "Label", new Shape(Shape.Kind.ROUNDED, 84, 48, 4, 0.2, CREAM), List.of(), Pose.at(0, 45));
        Motif name = new Motif(
                "m2",
                "HONEY",
                new Lettering("HONEY", ShippedTypeface.ALFA_SLAB_ONE, 12, 0.06, 1, PLUM),
                List.of(new Treatment.Weld()),
                Pose.at(0, 46));
        Motif where = new Motif(
                "m3",
                "from Otterbrook",
                new Lettering("from Otterbrook", ShippedTypeface.PACIFICO, 6, 0, 1, TANGERINE),
                List.of(new Treatment.Weld()),
                Pose.at(0, 59));
        return new Line(
                "C",
                "24 honey jars, label",
                Thing.of("jar-16", "clear"),
                "sticker-sheet",
                ONE_SIZE,
                List.of(SizeEntry.of(ONE_SIZE, 24)),
                List.of(ground, name, where),
                Map.of(),
                Fit.USUAL);
    }

    /** Kites all the way round, and a line of words that reads level on the cone. */
    private static Line tumblers() {
        Motif kites = new Motif(
                "m1", "Kites all round", drawing("otterbrook-wrap.svg"), List.of(new Treatment.Weld()), Pose.at(0, 74));
        Motif words = new Motif(
                "m2",
                "OTTERBROOK KITE FAIR",
                new Lettering("OTTERBROOK KITE FAIR", ShippedTypeface.BEBAS_NEUE, 13, 0.3, 1, PLUM),
                List.of(new Treatment.Weld()),
                Pose.at(0, 146));
        return new Line(
                "B",
                "6 tapered tumblers, wrap",
                Thing.of("tumbler-tapered-20", "white"),
                "dye-print",
                ONE_SIZE,
                List.of(SizeEntry.of(ONE_SIZE, 6)),
                List.of(kites, words),
                Map.of(),
                Fit.USUAL);
    }

    /** Two layers of vinyl, the right way up for those who see the lid open. */
    private static Line lid() {
        Motif name = new Motif(
                "m1",
                "Otterbrook",
                new Lettering("Otterbrook", ShippedTypeface.FREDOKA, 28, 0.05, 1, CREAM)
                        .withSetting(Typesetting.USUAL.withLetterSpacing(0.05).withBaseline(new Baseline.Arc(180))),
                List.of(new Treatment.Weld(), new Treatment.Outlined(3, CornerStyle.ROUND, PLUM), new DropCrumbs(1)),
                Pose.at(0, 92));
        Motif star = new Motif(
                "m2",
                "Star",
                new Shape(Shape.Kind.STAR, 26, 25, 5, 0.6, CREAM),
                List.of(new Treatment.Weld(), new Treatment.Outlined(3, CornerStyle.ROUND, PLUM)),
                Pose.at(0, 136));
        Motif left = new Motif("m3", "Star again", Mark.of("m2").resized(0.7, 0.7), List.of(), new Pose(-48, 142, -12));
        Motif right = new Motif("m4", "Star again", Mark.of("m2").resized(0.7, 0.7), List.of(), new Pose(48, 142, 12));
        return new Line(
                "D",
                "3 laptop lids",
                Thing.of("laptop-lid-14", "grey"),
                "vinyl-permanent",
                ONE_SIZE,
                List.of(SizeEntry.of(ONE_SIZE, 3)),
                List.of(name, star, left, right),
                Map.of(),
                Fit.USUAL);
    }

    /** Letters to be painted through a plate: bridges hold what stands free in them. */
    private static Line sign() {
        Motif words = new Motif(
                "m1",
                "KITE FAIR",
                new Lettering(
                        "KITE\nFAIR",
                        ShippedTypeface.ALFA_SLAB_ONE,
                        70,
                        1,
                        Optional.of(250.0),
                        Typesetting.USUAL
                                .withLetterSpacing(0.04)
                                .withLineGap(0.25)
                                .withAlign(Typesetting.Align.SPREAD),
                        Colouring.whole(PLATE)),
                List.of(new Treatment.Weld(), new HoldIslands(2.5, 2, true)),
                Pose.at(0, 125));
        return new Line(
                "E",
                "Stall sign, stencil",
                Thing.of("sign-board-400", "birch"),
                "stencil-sheet",
                ONE_SIZE,
                List.of(SizeEntry.of(ONE_SIZE, 1)),
                List.of(words),
                Map.of(),
                Fit.USUAL);
    }

    /** A customer's photograph of a badge, for trying out what pictures become. */
    public static byte[] photograph() {
        return resource("otter-badge.jpg");
    }

    private static byte[] resource(String name) {
        try (InputStream in = DemoJob.class.getResourceAsStream(name)) {
            return in.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static PrintedPicture picture(String name) {
        return switch (PictureReader.read(name, resource(name))) {
            case PictureRead.Taken t -> PrintedPicture.of(t.file(), OptionalDouble.empty(), PICTURE_MM);
            case PictureRead.Refused r -> throw new IllegalStateException("the demo picture: " + r.refusal());
        };
    }

    private static Drawing drawing(String name) {
        return switch (SvgReader.read(new DrawingFile(name, resource(name)))) {
            case DrawingRead.Taken t -> t.drawing();
            case DrawingRead.Refused r -> throw new IllegalStateException("the demo drawing: " + r.refusal());
        };
    }
}
