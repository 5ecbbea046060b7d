package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jurren.core.Fixtures;
import jurren.core.art.treat.JoinWith;
import jurren.core.art.treat.KeepInside;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.RepeatAlong;
import jurren.core.art.treat.Tiles;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.job.SizeEntry;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.SKY;
import static jurren.core.Fixtures.TANGERINE;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/** Motifs that follow each other: a plate 40 mm wide and a peg 10 mm wide, both about their own middle. */
class ReferencesTest {
    private final Chain chain = new Chain();

    private static Motif square(String id, double side, Colour colour, double x, Treatment... treatments) {
        return new Motif(
                id,
                id,
                new Shape(Shape.Kind.RECTANGLE, side, side, 5, 0.5, colour),
                List.of(treatments),
                Pose.at(x, 0));
    }

    private Region built(Motif m, Motif... face) {
        return chain.build(m, List.of(face)).region();
    }

    @Test
    void whatIsKnockedOutFollowsWhereTheOtherStandsAndHowItIsTurned() {
        Motif plate = square("plate", 40, CREAM, 100, new KnockOut("peg", 0)).withPose(new Pose(100, 0, 30));
        Motif peg = square("peg", 10, SKY, 105);

        Region plateOnFace = built(plate, plate, peg).placed(plate.pose().placement());
        Region pegOnFace = built(peg, plate, peg).placed(peg.pose().placement());
        assertThat(plateOnFace.areaMm2()).isCloseTo(1600 - 100, within(1e-6));
        assertThat(plateOnFace.intersect(pegOnFace).areaMm2())
                .as("exactly its place is free")
                .isLessThan(1e-6);

        Motif away = peg.withPose(Pose.at(300, 0));
        assertThat(built(plate, plate, away).areaMm2())
                .as("moved off, nothing is cut")
                .isCloseTo(1600, within(1e-6));
        Motif larger = peg.withSource(peg.source().resized(2, 2));
        assertThat(built(plate, plate, larger).areaMm2())
                .as("changed, it follows")
                .isCloseTo(1600 - 400, within(1.0));
    }

    @Test
    void gapsMarginsAndJoins() {
        Motif peg = square("peg", 10, SKY, 0);
        assertThat(built(square("plate", 40, CREAM, 0, new KnockOut("peg", 2)), square("plate", 40, CREAM, 0), peg)
                        .areaMm2())
                .as("the peg and 2 mm around, with round corners")
                .isCloseTo(1600 - (196 - (4 - Math.PI) * 4), within(0.1));
        Motif inside = square("inside", 40, CREAM, 0, new KeepInside("peg", 1));
        assertThat(built(inside, inside, peg).bounds()).isEqualTo(new Box(-4, -4, 4, 4));
        Motif joined = square("joined", 40, CREAM, 0, new JoinWith("peg"));
        Motif pegBeside = square("peg", 10, SKY, 22);
        assertThat(built(joined, joined, pegBeside).areaMm2()).isCloseTo(1600 + 70, within(1e-6));
        assertThat(chain.build(joined, List.of(joined, pegBeside)).paints())
                .extracting(Painted::colour)
                .containsExactly(CREAM);
    }

    @Test
    void onlyTheStageThatLooksAtTheOtherIsWorkedOutAgainWhenThatMoves() {
        Motif plate = square("plate", 40, CREAM, 0, new Treatment.Weld(), new KnockOut("peg", 0), new Treatment.Weld());
        Motif peg = square("peg", 10, SKY, 0);
        chain.build(plate, List.of(plate, peg));
        long before = chain.stagesComputed();
        chain.build(plate, List.of(plate, peg.withPose(Pose.at(3, 0))));
        assertThat(chain.stagesComputed())
                .as("the knock-out and what comes after it")
                .isEqualTo(before + 2);
        chain.build(plate.withPose(Pose.at(3, 0)), List.of(plate.withPose(Pose.at(3, 0)), peg.withPose(Pose.at(6, 0))));
        assertThat(chain.stagesComputed()).as("moved together, nothing").isEqualTo(before + 2);
    }

    @Test
    void ringsAreFoundAndRefusedByTheLine() {
        Motif a = square("a", 40, CREAM, 0, new KnockOut("b", 0));
        Motif b = square("b", 10, SKY, 0, new Treatment.Off(new KeepInside("c", 0)));
        Motif c = new Motif("c", "c", Mark.of("a"), List.of(), Pose.at(0, 0));

        assertThat(References.loop(List.of(a, b, c)))
                .as("also through one that is off")
                .contains(List.of(a, b, c));
        assertThat(References.loop(List.of(a, b, square("c", 5, CREAM, 0)))).isEmpty();
        assertThat(References.loop(List.of(square("self", 5, CREAM, 0, new KnockOut("self", 0)))))
                .isPresent();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Fixtures.line(SizeEntry.of("M", 1)).withMotifs(List.of(a, b, c)))
                .withMessageContaining("ring")
                .withMessageContaining("a, then b, then c");
        Motif backing =
                new Motif("ground", "ground", new Backing(3, CornerStyle.ROUND, true, CREAM), List.of(), Pose.at(0, 0));
        assertThat(References.loop(List.of(backing, square("d", 5, CREAM, 0, new KnockOut("ground", 0)))))
                .as("a backing follows all above it")
                .isPresent();
        assertThat(References.loop(List.of(square("d", 5, CREAM, 0, new KnockOut("ground", 0)), backing)))
                .isEmpty();
    }

    @Test
    void whatFollowsAMotifThatIsGoneIsLeftAsItIsAndSaid() {
        Motif plate = square("plate", 40, CREAM, 0, new KnockOut("peg", 0));
        assertThat(built(plate, plate).areaMm2()).isEqualTo(1600);
        var line = Fixtures.line(SizeEntry.of("M", 1)).withMotifs(List.of(plate.withPose(Pose.at(0, 180))));
        assertThat(new Planner().plan(Fixtures.job(line), Fixtures.shop()).snags())
                .contains(new Snag.NothingToFollow("A", "plate", "plate", "knock-out"));
        assertThat(line.withMotifs(List.of(plate.withId("m1").withTreatments(List.of(new KnockOut("m2", 0)))))
                        .freeMotifId())
                .as("an id that somebody still waits for is not given anew")
                .isEqualTo("m3");
    }

    @Test
    void arrangementsGetFreshIdsAndKeepWhatTheyFollow() {
        Motif plate = square("m1", 40, CREAM, 0, new KnockOut("m2", 0), new Treatment.Off(new KeepInside("m2", 0)))
                .withStanding(Standing.FREE.inGroup(Optional.of("badge")));
        Motif edge = new Motif(
                "m2",
                "words",
                Lettering.of("ab", ShippedTypeface.ANTON, 10, SKY)
                        .withSetting(Typesetting.USUAL.withBaseline(new Baseline.Edge("m3", 0, 0))),
                List.of(),
                Pose.at(0, 0));
        Motif mark = new Motif("m3", "mark", Mark.of("m9"), List.of(), Pose.at(0, 0));

        List<Motif> renamed = References.renamed(List.of(plate, edge, mark), Set.of("m1", "m2", "m4"));
        assertThat(renamed)
                .extracting(Motif::id)
                .doesNotContain("m1", "m2", "m4")
                .doesNotHaveDuplicates();
        assertThat(renamed.get(0).others()).containsExactly(renamed.get(1).id());
        assertThat(renamed.get(1).others()).containsExactly(renamed.get(2).id());
        assertThat(renamed.get(2).others()).as("what is not among them stays").containsExactly("m9");
        assertThat(References.following("m9", renamed)).containsExactly(renamed.get(2));
    }

    @Test
    void aHaloIsCutOutOfWhatLiesBelowAndOfNothingElse() {
        Motif below = square("below", 40, CREAM, 0);
        Motif halo = square("halo", 10, SKY, 0, new Treatment.Halo(2));
        Motif above = square("above", 40, TANGERINE, 0);
        Art art = chain.art(List.of(below, halo, above), Placement.HERE);

        assertThat(art.paints().get(0).region().areaMm2()).isCloseTo(1600 - (196 - (4 - Math.PI) * 4), within(0.1));
        assertThat(art.paints().get(1).region().areaMm2()).isCloseTo(100, within(1e-9));
        assertThat(art.paints().get(2).region().areaMm2()).isCloseTo(1600, within(1e-9));
        Motif hidden = halo.withStanding(Standing.FREE.hidden(true));
        assertThat(chain.art(List.of(below, hidden, above), Placement.HERE).paints())
                .as("hidden, it is no part of the art")
                .hasSize(2);
    }

    @Test
    void aMarkChangesWithItsOriginalEverywhere() {
        Motif original = square("o", 10, CREAM, 0);
        Motif mark = new Motif(
                "m",
                "again",
                Mark.of("o").resized(2, 2),
                List.of(new Treatment.Outlined(1, CornerStyle.MITRED, SKY)),
                Pose.at(50, 9));
        assertThat(built(mark, original, mark).bounds()).isEqualTo(new Box(-11, -11, 11, 11));
        Motif changed = original.withSource(Shape.of(Shape.Kind.STAR, 10, TANGERINE));
        assertThat(chain.build(mark, List.of(changed, mark)).paints())
                .extracting(Painted::colour)
                .containsExactly(SKY, TANGERINE);
        assertThat(chain.build(mark, List.of(mark)).isEmpty())
                .as("its original gone, it is empty")
                .isTrue();
    }

    @Test
    void aBackingHoldsEverythingAboveIt() {
        Motif below = square("below", 90, CREAM, 0);
        Motif backing = new Motif("g", "g", new Backing(3, CornerStyle.ROUND, true, SKY), List.of(), Pose.at(0, 0));
        Motif left = square("left", 10, CREAM, -20);
        Motif ring = new Motif("ring", "ring", Shape.of(Shape.Kind.RING, 20, TANGERINE), List.of(), Pose.at(20, 0));
        Region ground = built(backing, below, backing, left, ring);
        assertThat(ground.pieceCount()).isEqualTo(2);
        assertThat(ground.holeCount()).as("the ring's middle is filled").isZero();
        assertThat(ground.bounds().minXMm()).isCloseTo(-28, within(0.01));
        assertThat(ground.bounds().maxXMm()).isCloseTo(33, within(0.01));
        assertThat(built(backing, below, backing).isEmpty()).isTrue();
    }

    @Test
    void tilesAndRepeatsTakeTheOtherMotifsShape() {
        Motif star = new Motif("star", "star", Shape.of(Shape.Kind.STAR, 30, SKY), List.of(), Pose.at(500, 0));
        Motif filled = square("plate", 60, CREAM, 0, new Tiles("star", 8, 2, true, SKY));
        Region plate = built(filled, filled, star);
        assertThat(plate.areaMm2()).isLessThan(3600);
        assertThat(plate.holeCount()).as("whole stars").isGreaterThan(15);
        assertThat(plate.minus(Region.of(Box.ofSize(-30, -30, 60, 60))).isEmpty())
                .isTrue();

        Motif frame = square("frame", 100, CREAM, 0);
        Motif beads = new Motif(
                "bead",
                "bead",
                Shape.of(Shape.Kind.ELLIPSE, 4, SKY),
                List.of(new RepeatAlong("frame", 20.3, 0, true)),
                Pose.at(0, 0));
        Region row = built(beads, frame, beads);
        assertThat(row.pieceCount()).as("400 mm round, every 20 mm").isEqualTo(20);
        assertThat(row.bounds().grown(-2)).isEqualTo(frameBox(row));
    }

    /** A drawn line is followed itself, not the edge around it. */
    @Test
    void drawnLinesAreFollowedFromEndToEnd() {
        Motif line = new Motif(
                "line",
                "line",
                new Stroke(
                        new Stroke.Through(
                                List.of(new jurren.core.geometry.Point(-50, 0), new jurren.core.geometry.Point(50, 0)),
                                false),
                        4,
                        1,
                        CREAM),
                List.of(new Treatment.Weld()),
                new Pose(0, 30, 90));
        Motif beads = new Motif(
                "bead",
                "bead",
                Shape.of(Shape.Kind.ELLIPSE, 4, SKY),
                List.of(new RepeatAlong("line", 25, 3, true)),
                Pose.at(0, 0));
        Region row = built(beads, line, beads);
        assertThat(row.pieceCount()).as("100 mm, every 25 mm, both ends").isEqualTo(5);
        assertThat(row.bounds().minYMm()).isCloseTo(30 - 50 - 2, within(0.01));
        assertThat(row.bounds().centre().xMm())
                .as("3 mm to the left of the way, which runs down")
                .isCloseTo(3, within(0.01));

        Motif words = new Motif(
                "words",
                "words",
                Lettering.of("HOH", ShippedTypeface.ANTON, 8, SKY)
                        .withSetting(Typesetting.USUAL.withBaseline(new Baseline.Edge("line", 0, 1))),
                List.of(),
                Pose.at(0, 0));
        Box box = built(words, line, words).bounds();
        assertThat(box.centre().yMm())
                .as("the middle of the words at the middle of the line")
                .isCloseTo(30, within(0.3));
        assertThat(box.minXMm()).as("a round letter dips below").isCloseTo(1, within(0.15));
    }

    /** The middles of the beads lie on the frame's own edge. */
    private static Box frameBox(Region row) {
        Box b = row.bounds();
        assertThat(b.widthMm()).isCloseTo(104, within(0.1));
        assertThat(b.heightMm()).isCloseTo(104, within(0.1));
        return b.grown(-2);
    }
}
