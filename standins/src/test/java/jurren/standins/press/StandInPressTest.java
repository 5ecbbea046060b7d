package jurren.standins.press;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.dryrun.PressedPiece;
import jurren.core.dryrun.PressedPiece.Outcome;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Join;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.plan.PlanJson;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class StandInPressTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** Squares of different materials, each smaller one on the one before. */
    private static Plan plan(String blank, String colour, String... materials) {
        Job job = NewJobs.onBlank(SHOP.blank(blank).orElseThrow(), "Squares", "squares", colour, materials[0]);
        List<Motif> motifs = new ArrayList<>();
        for (int i = 0; i < materials.length; i++) {
            motifs.add(new Motif(
                            "m" + (i + 1),
                            "square " + i,
                            new Shape(
                                    Shape.Kind.RECTANGLE,
                                    120 - 30 * i,
                                    120 - 30 * i,
                                    4,
                                    0,
                                    SHOP.material(materials[i])
                                            .orElseThrow()
                                            .colours()
                                            .get(i + 1)
                                            .colour()),
                            List.of(),
                            Pose.at(0, 180))
                    .withFilms(Films.allOf(materials[i])));
        }
        String size = SHOP.blank(blank).orElseThrow().reference().id();
        return new Planner()
                .plan(job.withLine("A", l -> l.withMotifs(motifs).withSizes(List.of(SizeEntry.of(size, 1)))), SHOP);
    }

    private static List<Outcome> pressed(Plan plan, Consumer<ArrayNode> changed) throws IOException {
        JsonNode written = MAPPER.readTree(PlanJson.steps(plan));
        changed.accept((ArrayNode) written.path("lines").path(0).path("steps"));
        return StandInPress.press(MAPPER.writeValueAsBytes(written), plan).getFirst().faults().stream()
                .map(PressedPiece.Fault::came)
                .distinct()
                .toList();
    }

    private static ObjectNode first(ArrayNode steps, String kind) {
        for (JsonNode s : steps) {
            if (s.path("kind").asText().equals(kind)) {
                return (ObjectNode) s;
            }
        }
        throw new AssertionError("no " + kind);
    }

    private static void drop(ArrayNode steps, String kind) {
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).path("kind").asText().equals(kind)) {
                steps.remove(i);
                return;
            }
        }
    }

    /** A powder print that is not powdered, not cured, or cured too cool holds nothing. */
    @Test
    void aPowderPrintThatWasNotCuredComesOff() throws IOException {
        Plan print = plan("tee-adult", "black", "powder-print");
        assertThat(pressed(print, _ -> {})).isEmpty();
        assertThat(pressed(print, s -> drop(s, "powder"))).contains(Outcome.NOT_BONDED);
        assertThat(pressed(print, s -> drop(s, "cure"))).contains(Outcome.NOT_BONDED);
        assertThat(pressed(print, s -> first(s, "cure").put("celsius", 80))).contains(Outcome.NOT_BONDED);
        assertThat(pressed(print, s -> first(s, "peel").put("seconds", 5)))
                .as("a cold peel pulled hot")
                .contains(Outcome.LIFTED);
        assertThat(pressed(
                        plan("tee-adult", "black", "powder-print-hot"),
                        s -> first(s, "peel").put("seconds", 5)))
                .isEmpty();
    }

    @Test
    void whatWasSolvedComesOutWell() throws IOException {
        assertThat(pressed(plan("tee-adult", "black", "smooth-film", "smooth-film", "glitter-film"), _ -> {}))
                .isEmpty();
        assertThat(pressed(plan("tee-adult", "black", "smooth-film", "puff-film"), _ -> {}))
                .isEmpty();
        assertThat(pressed(plan("tee-adult", "black", "smooth-film", "low-heat-film"), _ -> {}))
                .isEmpty();
        Plan demo = new Planner().plan(DemoJob.make(), SHOP);
        List<PressedPiece> all = StandInPress.press(PlanJson.steps(demo), demo);
        assertThat(all)
                .hasSizeGreaterThan(8)
                .allSatisfy(p -> assertThat(p.faults())
                        .as("%s %s %s", p.lineId(), p.place(), p.size())
                        .isEmpty());
    }

    @Test
    void aWrongSequenceComesOutWrong() throws IOException {
        Plan two = plan("tee-adult", "black", "smooth-film", "smooth-film");
        assertThat(pressed(two, s -> first(s, "press").put("seconds", 6))).contains(Outcome.NOT_BONDED);
        assertThat(pressed(two, s -> first(s, "press").put("celsius", 140))).contains(Outcome.NOT_BONDED);
        assertThat(pressed(two, s -> first(s, "press").put("pressure", "light")))
                .contains(Outcome.NOT_BONDED);
        assertThat(pressed(two, s -> first(s, "press").put("celsius", 175))).contains(Outcome.SCORCHED);
        assertThat(pressed(two, s -> first(s, "press").put("seconds", 40))).contains(Outcome.SCORCHED);
        assertThat(pressed(two, s -> first(s, "peel").put("seconds", 6)))
                .as("peeled hot")
                .containsExactly(Outcome.LIFTED);
        assertThat(pressed(two, s -> drop(s, "peel"))).as("laid on the carrier").contains(Outcome.NOT_BONDED);
        assertThat(pressed(two, s -> first(s, "press").put("cover", false))).containsExactly(Outcome.MARKED);
        assertThat(pressed(two, s -> drop(s, "press"))).contains(Outcome.NOT_BONDED);
        Plan puff = plan("tee-adult", "black", "puff-film");
        assertThat(pressed(puff, s -> s.add(first(s, "press").deepCopy()))).contains(Outcome.SQUASHED);
        assertThat(pressed(puff, s -> first(s, "press").put("pressure", "firm")))
                .contains(Outcome.SQUASHED);
        Plan sport = plan("tee-sport", "black", "stretch-film");
        assertThat(pressed(sport, _ -> {})).isEmpty();
        assertThat(pressed(sport, s -> first(s, "press").put("celsius", 156))).contains(Outcome.DYE_MOVED);
    }

    /** Stones of two colours, the smaller square of them in the middle of the larger. */
    private static Plan stones(Join join) {
        Colour small = Colour.of("#7C2E57");
        Job job = NewJobs.onBlank(SHOP.blank("tee-adult").orElseThrow(), "Stones", "stones", "black", "stones");
        List<Motif> squares = List.of(
                new Motif(
                        "m1",
                        "large",
                        new Shape(Shape.Kind.RECTANGLE, 120, 120, 4, 0, Colour.of("#3F6E96")),
                        List.of(),
                        Pose.at(0, 180)),
                new Motif(
                        "m2",
                        "small",
                        new Shape(Shape.Kind.RECTANGLE, 60, 60, 4, 0, small),
                        List.of(),
                        Pose.at(0, 180)));
        return new Planner()
                .plan(
                        job.withLine(
                                "A",
                                l -> l.withMotifs(squares)
                                        .withSizes(List.of(SizeEntry.of("M", 1)))
                                        .withJoin(Film.of("stones", small), join)),
                        SHOP);
    }

    @Test
    void stonesDoNotLieOnStones() throws IOException {
        Plan onEachOther = stones(Join.LAID_OVER);
        assertThat(onEachOther.snags()).anyMatch(s -> s instanceof Snag.NothingHoldsOn);
        assertThat(pressed(onEachOther, _ -> {})).contains(Outcome.NOT_BONDED);
        Plan besideEachOther = stones(new Join.KnockedOut(0));
        assertThat(besideEachOther.snags()).noneMatch(s -> s.gravity() != Snag.Gravity.LOOK);
        assertThat(pressed(besideEachOther, _ -> {})).isEmpty();
    }

    /**
     * Two squares of 40 mm, so far apart: trimmed they go down together; as cut off, 5 mm apart, one would lie on the
     * other's carrier.
     */
    private static Plan apart(double mm, boolean trimmed) {
        Plan plan = plan("tee-adult", "black", "smooth-film", "smooth-film");
        List<Motif> motifs = plan.job().lines().getFirst().motifs();
        return new Planner()
                .plan(
                        plan.job()
                                .withLine(
                                        "A",
                                        l -> l.withTrimmed(trimmed)
                                                .withMotifs(List.of(
                                                        motifs.get(0)
                                                                .withSource(new Shape(
                                                                        Shape.Kind.RECTANGLE,
                                                                        40,
                                                                        40,
                                                                        4,
                                                                        0,
                                                                        colour(motifs.get(0))))
                                                                .withPose(Pose.at(-20 - mm / 2, 180)),
                                                        motifs.get(1)
                                                                .withSource(new Shape(
                                                                        Shape.Kind.RECTANGLE,
                                                                        40,
                                                                        40,
                                                                        4,
                                                                        0,
                                                                        colour(motifs.get(1))))
                                                                .withPose(Pose.at(20 + mm / 2, 180))))),
                        SHOP);
    }

    private static jurren.core.material.Colour colour(Motif m) {
        return ((Shape) m.source()).colour();
    }

    private static int closings(Plan plan) {
        return plan.lines().getFirst().finish().solved().closings().size();
    }

    @Test
    void carriersThatNobodyTrimsReachUnderTheirNeighbours() throws IOException {
        assertThat(closings(apart(5, true))).isEqualTo(1);
        assertThat(closings(apart(5, false))).isEqualTo(2);
        assertThat(closings(apart(25, false)))
                .as("far enough apart they are no trouble")
                .isEqualTo(1);
        assertThat(pressed(apart(5, true), _ -> {})).isEmpty();
        assertThat(pressed(apart(5, false), _ -> {})).isEmpty();
        byte[] together = PlanJson.steps(apart(5, true));
        assertThat(StandInPress.press(together, apart(5, false)).getFirst().faults())
                .extracting(PressedPiece.Fault::came)
                .containsOnly(Outcome.NOT_BONDED);
    }
}
