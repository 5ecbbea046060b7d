package jurren.core;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Family;
import jurren.core.blank.Fit;
import jurren.core.blank.Garment;
import jurren.core.blank.Substrate;
import jurren.core.finish.Press;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Prices;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.load.Cutter;
import jurren.core.load.Printer;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.core.material.CutSettings;
import jurren.core.material.Film;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Process;
import jurren.core.material.Recipe;

/** A small shop with one tee and one film, and a two-colour name on it. */
public final class Fixtures {
    public static final Colour CREAM = Colour.of("#F6EFDC");
    public static final Colour TANGERINE = Colour.of("#E8743B");
    public static final Colour SKY = Colour.of("#7FC4DA");
    public static final Recipe RECIPE = new Recipe(155, 10, 15, 30, 3, Pressure.MEDIUM, Peel.WARM);
    public static final Substrate COTTON = cotton("cotton", 200, 45);
    public static final Printer PRINTER = new Printer("printer", "printer", 300, 610, 1200, 5);
    public static final Cutter CUTTER = new Cutter("c", "cutter", 305, 12, 10, 25, 400, 0.06, 0.03, 0.5);
    public static final Material FILM = film(RECIPE, false);

    private Fixtures() {}

    public static Substrate cotton(String name, double mostCelsius, double mostTotalS) {
        return new Substrate(
                name, Substrate.Stuff.COTTON, 0, Substrate.Coating.NONE, mostCelsius, mostTotalS, Optional.empty());
    }

    public static Material film(Recipe recipe, boolean topOnly) {
        return new Material(
                "smooth-film",
                "Smooth film",
                Process.HEAT_FILM,
                0.09,
                0.8,
                topOnly,
                Optional.of(recipe),
                new CutSettings(90, 300, 0.1, 1),
                9,
                List.of(
                        new FilmColour("Cream", CREAM),
                        new FilmColour("Tangerine", TANGERINE),
                        new FilmColour("Sky", SKY)));
    }

    private static BlankSize size(String id, double chest, double artWidth) {
        return new BlankSize(
                id,
                List.of(Face.of(
                        "front",
                        "front",
                        new Garment(Garment.Neck.ROUND, Garment.Sleeve.SHORT, chest, 740, chest - 50, 210, 180, 98),
                        new AreaMeasures(artWidth * 1.1, 330, 76),
                        artWidth)));
    }

    public static Shop shop(Material film, Substrate cloth) {
        Blank tee = new Blank(
                "tee",
                "Tee",
                Family.SHIRTS,
                cloth,
                "M",
                List.of(new BlankColour("black", "Black", Colour.of("#2B2B30"))),
                List.of(size("S", 457, 240), size("M", 508, 254), size("L", 559, 270)),
                Optional.empty());
        return new Shop(
                List.of(tee),
                List.of(film),
                CUTTER,
                PRINTER,
                List.of(new Press("p", "press", Press.Kind.FLAT, 381, 381, 220)),
                List.of(
                        new Roll("roll-305", "smooth-film", CREAM, 305, 3000),
                        new Roll("roll-305", "smooth-film", TANGERINE, 305, 3000)),
                new Prices("$", 30));
    }

    public static Shop shop() {
        return shop(FILM, COTTON);
    }

    public static Motif name(String text) {
        return new Motif(
                "m1",
                text,
                Lettering.of(text, ShippedTypeface.ANTON, 50, CREAM),
                List.of(new Treatment.Weld(), new Treatment.Outlined(3, CornerStyle.ROUND, TANGERINE)),
                Pose.at(0, 180));
    }

    public static Line line(SizeEntry... sizes) {
        return new Line(
                "A",
                "tees",
                Thing.of("tee", "black"),
                "smooth-film",
                "M",
                List.of(sizes),
                List.of(name("Robin")),
                Map.of(),
                Fit.USUAL);
    }

    public static Job job(Line line) {
        return new Job("Fair", "1", "", true, List.of(line));
    }

    /** Two of size S and three of size L. */
    public static Job job() {
        return job(line(SizeEntry.of("S", 2), SizeEntry.of("L", 3)));
    }

    /** A region to be cut from the back of the film. */
    public static Layer layer(Region region) {
        return layer(region, true);
    }

    public static Layer layer(Region region, boolean reversed) {
        return new Layer(
                1,
                Film.of(FILM.id(), CREAM),
                FILM,
                Layer.Role.FILM,
                Fabrication.cut(reversed, Fabrication.Cut.KISS),
                CREAM,
                region,
                region,
                List.of(),
                Join.LAID_OVER,
                Print.NONE);
    }
}
