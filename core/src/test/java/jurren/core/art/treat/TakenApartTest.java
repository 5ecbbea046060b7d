package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnGroup;
import jurren.core.art.DrawnShape;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

/**
 * A customer's sheet of variants: a red disc with a white eye, beside it the same in blue, and a red line of its own.
 */
class TakenApartTest {
    private static final Colour RED = Colour.of("#CC2020");
    private static final Colour WHITE = Colour.of("#FFFFFF");
    private static final Colour BLUE = Colour.of("#2020CC");

    private static DrawnShape shape(Region r, Colour colour) {
        return new DrawnShape(Curves.of(AwtShapes.path(r)), colour, Optional.empty());
    }

    private static Motif sheet(DrawnShape... shapes) {
        return new Motif(
                "m1",
                "sheet",
                Drawing.atFileSize(new DrawingFile("sheet.svg", new byte[] {9}), List.of(shapes), List.of())
                        .resized(2, 2),
                List.of(new Treatment.Weld()),
                new Pose(10, 200, 15));
    }

    private static Motif variants() {
        return sheet(
                shape(Shapes.disc(-30, 0, 10), RED),
                shape(Shapes.disc(-30, 0, 4), WHITE),
                shape(Shapes.disc(30, 0, 10), BLUE),
                shape(Shapes.disc(30, 0, 4), WHITE),
                shape(Shapes.rectangle(-5, 20, 10, 2), RED));
    }

    private static Supplier<String> ids() {
        int[] next = {1};
        return () -> "m" + ++next[0];
    }

    private static double area(Motif m) {
        return new Chain()
                .build(m).paints().stream()
                        .map(Painted::region)
                        .mapToDouble(Region::areaMm2)
                        .sum();
    }

    @Test
    void byColourEachHasOneColourAndTogetherTheyAreTheSame() {
        List<Motif> parts = TakenApart.byColour(variants(), ids());
        assertThat(parts).extracting(Motif::id).containsExactly("m1", "m2", "m3");
        assertThat(parts)
                .allSatisfy(m -> assertThat(new Chain().build(m).paints())
                        .extracting(Painted::colour)
                        .hasSizeBetween(1, 2)
                        .containsOnly(new Chain().build(m).paints().getFirst().colour()));
        assertThat(parts)
                .extracting(m -> new Chain().build(m).paints().getFirst().colour())
                .containsExactly(RED, WHITE, BLUE);
        assertThat(new Chain().art(parts, jurren.core.geometry.Placement.HERE).bounds())
                .isEqualTo(new Chain()
                        .art(List.of(variants()), jurren.core.geometry.Placement.HERE)
                        .bounds());
        assertThat(parts.stream().mapToDouble(TakenApartTest::area).sum()).isCloseTo(area(variants()), within(1e-6));
    }

    @Test
    void byPartWhatTouchesStaysTogether() {
        List<Motif> parts = TakenApart.byPart(variants(), ids());
        assertThat(parts).hasSize(3);
        assertThat(parts.getFirst().treatments()).containsExactly(new OnlyShapes("1-2"), new Treatment.Weld());
        assertThat(parts)
                .extracting(m -> ((OnlyShapes) m.treatments().getFirst()).numbers())
                .containsExactly("1-2", "3-4", "5");
        assertThat(area(parts.get(2))).as("10 × 2, twice as large").isCloseTo(80, within(1e-6));
        assertThat(parts).extracting(Motif::pose).containsOnly(variants().pose());
    }

    private static DrawnShape in(Region r, DrawnGroup... groups) {
        return new DrawnShape(Curves.of(AwtShapes.path(r)), RED, Optional.empty(), List.of(groups));
    }

    /** A page that holds two variants, one of them without a name, and a line in neither; the variants hold letters. */
    @Test
    void byGroupWhatTheFileKeepsTogetherStaysTogetherWithItsName() {
        DrawnGroup page = new DrawnGroup(1, "page");
        DrawnGroup kite = new DrawnGroup(2, "Kite");
        DrawnGroup other = new DrawnGroup(4, "");
        Motif sheet = sheet(
                in(Shapes.disc(-30, 0, 10), page, kite),
                in(Shapes.disc(-30, 30, 10), page, kite, new DrawnGroup(3, "tail")),
                in(Shapes.disc(30, 0, 10), page, other),
                in(Shapes.rectangle(-5, 20, 10, 2), page));
        List<Motif> parts = TakenApart.byGroup(sheet, ids());
        assertThat(parts).extracting(Motif::name).containsExactly("Kite", "sheet 2", "sheet 3");
        assertThat(parts)
                .extracting(m -> ((OnlyShapes) m.treatments().getFirst()).numbers())
                .containsExactly("1-2", "3", "4");

        List<Motif> further = TakenApart.byGroup(parts.getFirst(), ids());
        assertThat(further).extracting(Motif::name).containsExactly("Kite 1", "tail");
        assertThat(further)
                .extracting(Motif::treatments)
                .containsExactly(
                        List.of(new OnlyShapes("1"), new Treatment.Weld()),
                        List.of(new OnlyShapes("2"), new Treatment.Weld()));
        assertThat(TakenApart.byGroup(variants(), ids())).as("no groups").hasSize(1);
    }

    /** The red of a sheet in two colours is two parts; both are what is left of it, not of the sheet. */
    @Test
    void aPartIsTakenApartFurther() {
        Motif red = TakenApart.byColour(variants(), ids()).getFirst();
        List<Motif> parts = TakenApart.byPart(red, ids());
        assertThat(parts)
                .extracting(m -> ((OnlyShapes) m.treatments().getFirst()).numbers())
                .containsExactly("1", "5");
        assertThat(parts.stream().mapToDouble(TakenApartTest::area).sum()).isCloseTo(area(red), within(1e-6));
        assertThat(TakenApart.byColour(red, ids())).containsExactly(red);
    }

    @Test
    void whatIsOneStaysOneAndTooManyAreRefused() {
        Motif one = sheet(shape(Shapes.disc(0, 0, 10), RED), shape(Shapes.disc(5, 0, 10), RED));
        assertThat(TakenApart.byColour(one, ids())).containsExactly(one);
        assertThat(TakenApart.byPart(one, ids())).containsExactly(one);
        List<DrawnShape> dust = new ArrayList<>();
        for (int i = 0; i < 201; i++) {
            dust.add(shape(Shapes.rectangle(3 * i, 0, 1, 1), RED));
        }
        assertThatIllegalArgumentException()
                .isThrownBy(() -> TakenApart.byPart(sheet(dust.toArray(DrawnShape[]::new)), ids()))
                .withMessageContaining("201")
                .withMessageContaining("200");
    }

    @Test
    void numbersAreReadAsPeopleWriteThem() {
        assertThat(OnlyShapes.of(List.of(7, 1, 2, 3)).numbers()).isEqualTo("1-3,7");
        Motif m = variants();
        assertThat(area(m.withTreatments(List.of(new OnlyShapes(" 5 "))))).isCloseTo(80, within(1e-6));
        assertThat(area(m.withTreatments(List.of(new OnlyShapes("1 - 2, 5")))))
                .isCloseTo(area(m.withTreatments(List.of(new OnlyShapes("5,2,1")))), within(1e-9));
        assertThat(new Chain()
                        .build(m.withTreatments(List.of(new OnlyShapes("9-12"))))
                        .isEmpty())
                .as("there are no such shapes")
                .isTrue();
        for (String wrong : List.of("", "a", "1-", "-3", "1;2", "1,,2", "9999999")) {
            assertThatIllegalArgumentException()
                    .isThrownBy(() -> new OnlyShapes(wrong))
                    .withMessageContaining("1-3,7");
        }
    }
}
