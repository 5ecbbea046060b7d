package jurren.formats.hpgl;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import jurren.core.cut.CutRun;
import jurren.core.cut.TestCut;
import jurren.core.geometry.Point;
import jurren.core.job.Shop;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Head;
import jurren.core.load.Roll;
import jurren.core.material.Material;
import jurren.formats.catalogue.BuiltInShop;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What is written, word by word; a unit is a fortieth of a millimetre. */
class HpglWriterTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Material FILM = SHOP.material("smooth-film").orElseThrow();

    private static CutRun row(Head head, double... forces) {
        Cutter c = SHOP.cutter().withHead(head);
        return TestCut.of(
                FILM,
                FILM.colours().getFirst().colour(),
                new Roll("r", FILM.id(), FILM.colours().getFirst().colour(), 305, 3000),
                c,
                Arrays.stream(forces).boxed().toList());
    }

    private static String text(byte[] file) {
        return new String(file, StandardCharsets.US_ASCII);
    }

    @Test
    void aSquareWithItsTriangleByHand() {
        String file = text(HpglWriter.write(row(Head.USUAL, 80)));
        assertThat(file.lines().toList())
                .containsExactly(
                        "IN;PA;SP1;VS30;FS80;",
                        // a triangle of 6 mm, 3 mm inside a square of 12 at (10, 12), each cut half a millimetre past
                        // its beginning
                        "PU520,600;PD760,600,640,840,520,600,540,600;",
                        "PU400,480;PD880,480,880,960,400,960,400,480,420,480;",
                        "PU1880,0;SP0;");
    }

    @Test
    void theForceIsToldWhereItChanges() {
        List<String> lines =
                text(HpglWriter.write(row(Head.USUAL, 80, 90, 90))).lines().toList();
        assertThat(lines.getFirst()).contains("FS80;");
        assertThat(lines.stream().filter(l -> l.startsWith("FS"))).containsExactly("FS90;");
        assertThat(lines.indexOf("FS90;")).as("after the first square").isEqualTo(3);
        assertThat(text(HpglWriter.write(row(Head.USUAL, 80, 90), 2)))
                .as("gone on with from the second square")
                .contains("FS90;")
                .doesNotContain("FS80;");
    }

    @Test
    void aMachineThatIsSetByHandIsToldNoForce() {
        assertThat(text(HpglWriter.write(row(new Head(20, 210, 0.25, true, false), 80, 90))))
                .doesNotContain("FS");
    }

    @Test
    void noMoreThanTheMachineCan() {
        assertThat(text(HpglWriter.write(row(new Head(20, 85, 0.25, true, true), 80, 120))))
                .contains("FS80;", "FS85;")
                .doesNotContain("FS120;");
    }

    @Test
    void aTrailingKnifeIsSetInTheWasteFirst() {
        CutRun run = row(new Head(20, 210, 0.25, false, true), 80);
        String file = text(HpglWriter.write(run));
        assertThat(HpglWriter.strokesBefore(run)).isEqualTo(1);
        assertThat(file.lines().toList().get(1)).isEqualTo("PU0,0;PD120,0;");
        // the middle runs ten units ahead of the tip and swings round each corner of the square
        assertThat(file).contains("PU530,600;PD", "PU410,480;PD890,480,", ",880,490,880,970,");
        assertThat(HpglWriter.strokesBefore(row(Head.USUAL, 80))).isZero();
    }

    @Test
    void thePartsAreTheWhole() {
        CutRun run = row(new Head(20, 210, 0.25, false, true), 60, 70, 80);
        for (int from = 0; from < run.paths().size(); from++) {
            HpglWriter.Parts parts = HpglWriter.parts(run, from);
            ByteArrayOutputStream all = new ByteArrayOutputStream();
            all.writeBytes(parts.setup());
            parts.strokes().forEach(all::writeBytes);
            all.writeBytes(parts.end());
            assertThat(all.toByteArray()).isEqualTo(HpglWriter.write(run, from));
            assertThat(parts.strokes())
                    .hasSize(run.paths().size() - from)
                    .allSatisfy(s -> assertThat(text(s)).containsOnlyOnce("PD"));
        }
    }

    @Test
    void roundTheEdgeTheKnifeStaysUp() {
        assertThat(text(HpglWriter.edge(row(Head.USUAL, 80), false)).lines().toList())
                .containsExactly(
                        "IN;PA;PU;",
                        "PU400,480;",
                        "PU880,480;",
                        "PU880,960;",
                        "PU400,960;",
                        "PU400,480;",
                        "PU0,0;",
                        "SP0;");
    }

    @Test
    void withThePenItIsDown() {
        assertThat(text(HpglWriter.edge(row(Head.USUAL.withPen(3), 80), true))
                        .lines()
                        .toList())
                .containsExactly("IN;PA;SP3;", "PU400,480;PD880,480,880,960,400,960,400,480;", "PU0,0;SP0;");
    }

    @Test
    void countedFromWhereItIs() {
        Cutter c = SHOP.cutter().withSpeech(Dialect.USUAL.withMoves(Dialect.Moves.FROM_HERE));
        CutRun run = TestCut.of(
                FILM,
                FILM.colours().getFirst().colour(),
                new Roll("r", FILM.id(), FILM.colours().getFirst().colour(), 305, 3000),
                c,
                List.of(80.0));
        assertThat(text(HpglWriter.write(run)).lines().toList())
                .containsExactly(
                        "IN;PA;SP1;VS30;FS80;",
                        "PU520,600;PD;PR240,0,-120,240,-120,-240,20,0;PA;",
                        "PU400,480;PD;PR480,0,0,480,-480,0,0,-480,20,0;PA;",
                        "PU1880,0;SP0;");
    }

    /** A quarter of a circle of 10 mm round (20, 0) between two straights; a chord may leave it by half a unit. */
    @Test
    void arcsWhereTheyAreTaken() {
        List<Point> way = new ArrayList<>(List.of(new Point(30, -10)));
        for (int i = 0; i <= 18; i++) {
            way.add(new Point(20 + 10 * Math.cos(Math.toRadians(i * 5)), 10 * Math.sin(Math.toRadians(i * 5))));
        }
        way.add(new Point(5, 10));
        for (Dialect.Moves moves : Dialect.Moves.values()) {
            StringBuilder out = new StringBuilder();
            new StrokeText(Dialect.USUAL.withArcs(true).withMoves(moves), out).write(way);
            assertThat(out.toString())
                    .isEqualTo(
                            moves == Dialect.Moves.FROM_START
                                    ? "PU1200,-400;PD1200,0;AA800,0,90.000,5.7;PD800,400,200,400"
                                    : "PU1200,-400;PD;PR0,400;PA;AA800,0,90.000,5.7;PA800,400;PR-600,0;PA");
        }
    }
}
