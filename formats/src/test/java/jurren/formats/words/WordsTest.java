package jurren.formats.words;

import java.util.List;
import java.util.Optional;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Obstacle;
import jurren.core.blank.OwnBlank;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.finish.Limit;
import jurren.core.finish.Press;
import jurren.core.finish.Step;
import jurren.core.finish.TableStep;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.NewJobs;
import jurren.core.job.Place;
import jurren.core.job.Shop;
import jurren.core.layer.LineUp;
import jurren.core.layer.Panels;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class WordsTest {
    private static final Plan PLAN = new Planner().plan(DemoJob.simple(), BuiltInShop.read());
    private final Words words = new Words(Units.AMERICAN);

    /** Nothing is left of a pattern, and it is a sentence. */
    private static void isSentence(String text) {
        assertThat(text).doesNotContainPattern("[{}]|null").matches("(?s)[\\p{Lu}\\p{Nd}a-zA-Z“].*[.]");
    }

    @ParameterizedTest
    @EnumSource(Refusal.Reason.class)
    void everyRefusalNamesTheFileAndWhatToDo(Refusal.Reason reason) {
        String text = words.refusal(new Refusal(reason, "logo.svg", "line 3"));
        isSentence(text);
        assertThat(text).contains("logo.svg");
    }

    @ParameterizedTest
    @EnumSource(DrawingRead.Note.class)
    void everyNoteIsASentence(DrawingRead.Note note) {
        isSentence(words.note(note));
    }

    @Test
    void everySnagIsASentenceWithItsFigures() {
        Point p = Point.ORIGIN;
        List<Snag> all = List.of(
                new Snag.NoArt("A"),
                new Snag.EmptyLettering("A", "m", "name"),
                new Snag.MissingGlyph("A", "m", "é", "Anton"),
                new Snag.OpenPath("A", "m", "logo", 2, p),
                new Snag.NotWelded("A", "m", "name", 4, p),
                new Snag.BeyondBlank("A", "M", 900, 508, true),
                new Snag.BeyondBlank("A", "M", 900, 508, false),
                new Snag.OutsideArea("A", "M", 12.7, p),
                new Snag.BeyondPlaten("A", "M", 12.7, p),
                new Snag.ThinPart("A", 3, "S", 0.4, 0.8, false, p),
                new Snag.ThinPart("A", 3, "S", 0.2, 0.8, true, p),
                new Snag.Crumbs("A", 1, 3, p),
                new Snag.WillLift("A", 1, 1, 0.8, p),
                new Snag.Spikes("A", 1, 2, p),
                new Snag.DoubledLine("A", 1, 0.1, p),
                new Snag.HairlineGap("A", 0.2, p),
                new Snag.LostCounters("A", "m1", "NORTH", 2, "thicken", p),
                new Snag.SeveralPieces("A", "m1", "NORTH", 4, p),
                new Snag.TooManyFilms("A", 4, 3, p),
                new Snag.NothingHoldsOn("A", 1, "Glitter film"),
                new Snag.NoSuchPlace("A", "back"),
                new Snag.NotSold("A", 1, "Glitter film", Colour.of("#123456"), "Glitter gold"),
                new Snag.NotOnRoll("A", 3, "M", 300, 281, 8),
                new Snag.NotOnMat("A", 3, "M", 320, 100, 299, 299, 8),
                new Snag.RollTooShort("A", 1, "Cream", 5000, 300),
                new Snag.RollTooShort("A", 1, "Cream", 5000, 0),
                new Snag.HalfTransparent("A", "m1", "Fox", "Powder print"),
                new Snag.FineInk("A", 1, "M", 0.3, 0.5, new Point(1, 2)),
                new Snag.FineGap("A", 1, 0.2, 0.4, new Point(1, 2)),
                new Snag.LaidAnew("A", "Cream", List.of()),
                new Snag.LaidAnew("A", "Cream", List.of("no 3")),
                new Snag.PressClash(
                        "A", 1, List.of(new Limit(Limit.Kind.MOST_IN_ALL, 1), new Limit(Limit.Kind.LEAST_SECONDS, 1))),
                new Snag.PressClash("A", 1, List.of(new Limit(Limit.Kind.WISHED_SECONDS, 1))),
                new Snag.FontMissing("A", "m1", "NORTH", "Nowhere Sans"),
                new Snag.NothingToFollow("A", "m1", "NORTH", "knock-out"),
                new Snag.NothingLeft("A", "m1", "NORTH", "only-parts"),
                new Snag.TooMuch("A", "m1", "NORTH", "dots"),
                new Snag.TooLarge("A", "m1", "NORTH", 30_000, 20_000),
                new Snag.NoEffect("A", "m1", "NORTH", "inner-outline"),
                new Snag.LooseIsland("A", 1, 2, p),
                new Snag.OverWrap("A", "M", 5, 230, p),
                new Snag.InTheWay("A", "M", Obstacle.Kind.HANDLE, 4, p),
                new Snag.NoRoom("A", "M"),
                new Snag.SplitPress("A", "M", 2, 15, p),
                new Snag.DoesNotHold("A", "Smooth film", PLAN.lines().getFirst().holdsUsual()),
                new Snag.HoldsWithCare(
                        "A", "Printed sticker", PLAN.lines().getFirst().holdsUsual()),
                new Snag.PictureNotCut("A", "m1", "lake", "Smooth film"),
                new Snag.CutSolid("A", "m1", "NORTH", true),
                new Snag.CoarsePicture("A", "m1", "lake", "M", 72.4, 150),
                new Snag.NotOnPaper("A", "M", 700, 600),
                new Snag.NoPress("A", Press.Kind.MUG, Press.Kind.FLAT),
                new Snag.NoPress("A", Press.Kind.CAP, Press.Kind.FLAT));

        assertThat(all).allSatisfy(s -> isSentence(words.snag(s, PLAN)));
        assertThat(all.stream().map(Snag::getClass).distinct())
                .as("none is forgotten here")
                .hasSize(Snag.class.getPermittedSubclasses().length);
        assertThat(words.snag(all.get(7), PLAN)).contains("0.50 in").contains("size M");
        assertThat(Words.kind(all.get(9))).isEqualTo("thin-part");
        assertThat(words.snag(all.get(all.size() - 2), PLAN)).contains("no mug press", "Add one in My shop");
        assertThat(words.snag(all.getLast(), PLAN)).contains("no cap press", "The flat press does it with care");
    }

    /** Vinyl in two panels that meet: marks stay until both lie; what is pressed has none and laps. */
    @Test
    void panelsAreLaidByTheirMarks() {
        Shop shop = BuiltInShop.read();
        LinePlan cold = panels(shop, "sign-board-400", "vinyl-permanent");
        List<String> laid = cold.finish().steps().stream()
                .filter(s -> s.kind() == TableStep.LAY)
                .map(s -> words.stepText(s, cold))
                .toList();
        assertThat(laid).hasSize(2).last().asString().endsWith("Its marks go onto those of panel 1.");
        assertThat(laid.getFirst()).doesNotContain("marks go");
        List<String> lifted = cold.finish().steps().stream()
                .filter(s -> s.kind() == TableStep.LIFT)
                .map(s -> words.stepText(s, cold))
                .toList();
        assertThat(lifted.getFirst()).doesNotContain("marks");
        assertThat(lifted.getLast()).endsWith("Then take the marks off.");
        assertThat(cold.finish().steps().stream()
                        .filter(s -> s.kind() == TableStep.WEED)
                        .map(s -> words.stepText(s, cold)))
                .allMatch(t -> t.endsWith("stay."));
        LinePlan hot = panels(shop, "tee-adult", "smooth-film");
        assertThat(hot.finish().steps().stream()
                        .map(s -> words.stepText(s, hot))
                        .toList())
                .anyMatch(t -> t.contains("laps onto panel 1"))
                .noneMatch(t -> t.contains("marks"));
    }

    private static LinePlan panels(Shop shop, String thing, String material) {
        Blank blank = shop.blank(thing).orElseThrow();
        Material m = shop.material(material).orElseThrow();
        Colour colour = m.colours().getFirst().colour();
        return new Planner()
                .plan(
                        NewJobs.saying(
                                        "ILLY",
                                        ShippedTypeface.ALFA_SLAB_ONE,
                                        blank,
                                        blank.colours().getFirst(),
                                        m,
                                        colour)
                                .withLine(
                                        "A",
                                        l -> l.withPanels(
                                                Film.of(material, colour),
                                                Optional.of(new Panels(false, List.of(0.5), 4)))),
                        shop)
                .lines()
                .getFirst();
    }

    /**
     * A sign with a front and a back, the back's art 30 mm lower: both have their upper mark at one height, and it is
     * told.
     */
    @Test
    void frontAndBackAreLinedUpByMarks() {
        Material vinyl = BuiltInShop.read().material("vinyl-permanent").orElseThrow();
        Substrate board =
                BuiltInShop.read().blank("sign-board-400").orElseThrow().madeOf();
        Blank sign = OwnBlank.of(
                        "own-sign",
                        "Sign",
                        board,
                        new BlankColour("own", "white", Colour.of("#FFFFFF")),
                        OwnBlank.face("front", "front", OwnBlank.flat(Panel.Cut.RECTANGLE, 200, 300), 10))
                .withFaceAdded(OwnBlank.face("back", "back", OwnBlank.flat(Panel.Cut.RECTANGLE, 200, 300), 10));
        Shop shop = BuiltInShop.read().withOwn(List.of(sign));
        Job one = NewJobs.saying(
                "FAIR",
                ShippedTypeface.ALFA_SLAB_ONE,
                sign,
                sign.colours().getFirst(),
                vinyl,
                vinyl.colours().getFirst().colour());
        Line front = one.lines().getFirst();
        Line both = front.withPlace(Place.of("back", vinyl.id()))
                .at(1)
                .withMotifs(front.motifs().stream()
                        .map(m -> new Motif(
                                "b-" + m.id(),
                                m.name(),
                                m.source(),
                                m.treatments(),
                                m.pose().moved(0, 30)))
                        .toList())
                .at(0);
        List<Box> art = new Planner()
                .plan(one.withLine("A", _ -> both), shop).lines().stream()
                        .map(l -> l.drawn().artBounds().orElseThrow())
                        .toList();
        double height = LineUp.heightMm(art);
        Plan plan = new Planner().plan(one.withLine("A", _ -> both.withLineUp(Optional.of(height))), shop);
        assertThat(plan.lines()).hasSize(2).allSatisfy(l -> {
            assertThat(l.drawn().layers().getFirst().marks().bounds().minYMm()).isCloseTo(height - 3, within(1e-9));
            assertThat(l.finish().steps().stream()
                            .filter(s -> s.kind() == TableStep.LAY)
                            .map(s -> words.stepText(s, l))
                            .toList())
                    .singleElement()
                    .asString()
                    .endsWith("Its marks go onto the middle line, the upper one " + LengthUnit.INCH.format(height)
                            + " from the top, as high on every place.");
            assertThat(l.finish().steps().stream()
                            .filter(s -> s.kind() == TableStep.LIFT)
                            .map(s -> words.stepText(s, l))
                            .toList())
                    .last()
                    .asString()
                    .endsWith("Then take the marks off.");
        });
        assertThat(art.getFirst().minYMm() - height).isCloseTo(8, within(1e-9));
        assertThat(plan.lines()
                        .getLast()
                        .drawn()
                        .layers()
                        .getFirst()
                        .marks()
                        .bounds()
                        .maxYMm())
                .isCloseTo(art.getLast().maxYMm() + 11, within(1e-6));
    }

    @Test
    void stepsAreToldWithTheirLayersAndDegrees() {
        LinePlan line = PLAN.lines().getFirst();
        List<Step> steps = line.finish().steps();
        assertThat(steps)
                .extracting(s -> words.stepTitle(s, line))
                .startsWith("Weed 3 layers", "Warm the cloth", "Tack Tangerine", "Peel Tangerine")
                .endsWith("Press again");
        assertThat(steps).allSatisfy(s -> isSentence(words.stepText(s, line)));
        assertThat(words.degrees(155)).isEqualTo("311 °F");
        assertThat(new Words(Units.METRIC).degrees(155)).isEqualTo("155 °C");
        assertThat(Words.duration(65)).isEqualTo("1:05 min");
        assertThat(Words.duration(3900)).isEqualTo("1 h 05 min");
    }

    @Test
    void coloursOfOneNameInTwoFilmsAreToldApart() {
        Shop shop = BuiltInShop.read();
        Blank tee = shop.blank("tee-adult").orElseThrow();
        Colour black = Colour.of("#1E1E22");
        Job job = NewJobs.saying(
                "Robin",
                ShippedTypeface.FREDOKA,
                tee,
                tee.colours().getFirst(),
                shop.material("smooth-film").orElseThrow(),
                black);
        Line line = job.lines().getFirst();
        Motif one = line.motifs().getFirst();
        Motif two = one.withId("m2").withPose(one.pose().moved(0, 60)).withFilms(Films.allOf("stretch-film"));
        LinePlan both = new Planner()
                .plan(job.withLines(List.of(line.withMotifs(List.of(one, two)))), shop)
                .lines()
                .getFirst();
        assertThat(both.drawn().layers().stream().map(l -> Words.layerName(both, l)))
                .containsExactlyInAnyOrder(
                        "Black, " + shop.material("smooth-film").orElseThrow().name(),
                        "Black, " + shop.material("stretch-film").orElseThrow().name());
        LinePlan alone = new Planner().plan(job, shop).lines().getFirst();
        assertThat(alone.drawn().layers().stream().map(l -> Words.layerName(alone, l)))
                .containsExactly("Black");
    }
}
