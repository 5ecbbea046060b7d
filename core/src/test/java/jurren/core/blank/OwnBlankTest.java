package jurren.core.blank;

import java.util.List;
import java.util.Set;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

class OwnBlankTest {
    private static final BlankColour WHITE = new BlankColour("own", "as measured", Colour.of("#FFFFFF"));
    private static final Face TRAY = OwnBlank.face("face", "face", OwnBlank.flat(Panel.Cut.RECTANGLE, 300, 200), 15);
    private static final Face CUP = OwnBlank.face("face", "wrap", OwnBlank.round(Vessel.Profile.CUP, 80, 60, 100), 8);

    @Test
    void aFlatThingKeepsItsEdgesFree() {
        assertThat(TRAY.area().box()).isEqualTo(new Box(-135, 15, 135, 185));
        assertThat(TRAY.whole()).isEqualTo(new Box(-150, 0, 150, 200));
        assertThat(TRAY.artWidthMm()).isCloseTo(216, within(1e-9));
        assertThat(OwnBlank.insetMm(TRAY)).isEqualTo(15);
    }

    @Test
    void aRoundThingIsWrappedOnce() {
        assertThat(CUP.area().widthMm()).isCloseTo(Math.PI * 70, within(1e-9));
        assertThat(CUP.area().heightMm()).isEqualTo(84);
        assertThat(CUP.obstacles()).extracting(Obstacle::kind).containsExactly(Obstacle.Kind.LIP, Obstacle.Kind.FOOT);
    }

    /**
     * A lens 20 mm from the left edge of a tray and 30 from the top: it stays there when the tray was wider after all.
     */
    @Test
    void whatIsInTheWayKeepsItsDistanceFromTheUpperLeft() {
        Face withLens = TRAY.withFurther(List.of(new Obstacle(Obstacle.Kind.CAMERA, new Obstacle.Disc(-124, 36, 12))))
                .withTurnedInUse(true);
        Face wider = OwnBlank.measured(withLens, Form.Measure.WIDTH, 340);
        assertThat(wider.area().box()).isEqualTo(new Box(-155, 15, 155, 185));
        assertThat(wider.further().getFirst().box()).isEqualTo(new Box(-150, 30, -138, 42));
        assertThat(wider.turnedInUse()).isTrue();
        assertThat(OwnBlank.inset(wider, 20).area().box()).isEqualTo(new Box(-150, 20, 150, 180));
        Face round = OwnBlank.formed(wider, OwnBlank.round(Vessel.Profile.JAR, 100, 100, 120));
        assertThat(round.isRound()).isTrue();
        assertThat(round.obstacles())
                .extracting(Obstacle::kind)
                .containsExactly(Obstacle.Kind.LIP, Obstacle.Kind.FOOT, Obstacle.Kind.CAMERA);
    }

    /** The shirt's area is 100 mm narrower than its chest and stays so; its art is wider in proportion to the area. */
    @Test
    void aGarmentKeepsItsAreasDistances() {
        Face front = Fixtures.shop().blanks().getFirst().reference().faces().getFirst();
        assertThat(OwnBlank.isInset(front)).isFalse();
        double was = front.area().widthMm();
        Face wider = OwnBlank.measured(
                front, Form.Measure.CHEST, front.form().whole().widthMm() + 40);
        assertThat(wider.area().widthMm()).isCloseTo(was + 40, within(1e-9));
        assertThat(wider.artWidthMm()).isCloseTo(front.artWidthMm() * (was + 40) / was, within(1e-9));
    }

    @Test
    void aThingHasFacesAndColoursAndWhatItBears() {
        Blank box = OwnBlank.of("own-box", "Box", Fixtures.COTTON, WHITE, TRAY)
                .withFaceAdded(OwnBlank.face("lid", "lid", OwnBlank.flat(Panel.Cut.DISC, 90, 90), 5)
                        .withTurnedInUse(true))
                .withColours(List.of(WHITE, new BlankColour("red", "Red", Colour.of("#CC0000"))))
                .withMadeOf(Fixtures.COTTON.bearing(140, 25))
                .named("Box with a lid");
        assertThat(box.reference().faces()).extracting(Face::id).containsExactly("face", "lid");
        assertThat(box.withFace("lid", f -> f.named("top"))
                        .reference()
                        .face("lid")
                        .orElseThrow()
                        .name())
                .isEqualTo("top");
        assertThat(box.withoutFace("face").reference().faces())
                .extracting(Face::id)
                .containsExactly("lid");
        assertThat(box.madeOf().mostCelsius()).isEqualTo(140);
        assertThat(box.madeOf().mostTotalS()).isEqualTo(25);
        assertThat(box.colourOrFirst("red").name()).isEqualTo("Red");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> box.withoutFace("face").withoutFace("lid"));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> box.withFaceAdded(TRAY))
                .withMessageContaining("different ids");
        assertThatIllegalArgumentException()
                .isThrownBy(() -> box.withColours(List.of()))
                .withMessageContaining("colour");
        assertThatIllegalArgumentException().isThrownBy(() -> box.named(" ")).withMessageContaining("name");
    }

    @ParameterizedTest
    @CsvSource({"-5, 100, 8", "300, 0, 8", "300, 200, -1", "300, 200, 100", "300, 9000, 8"})
    void whatCannotBeIsRefused(double width, double height, double inset) {
        assertThatIllegalArgumentException()
                .isThrownBy(() -> OwnBlank.face("f", "f", OwnBlank.flat(Panel.Cut.RECTANGLE, width, height), inset));
    }

    @Test
    void aNameMakesTheId() {
        Set<String> taken = Set.of("own-grosse-tasse", "own-grosse-tasse-2");
        assertThat(OwnBlank.freeId("Grösse Tasse!", taken::contains)).isEqualTo("own-grosse-tasse-3");
        assertThat(OwnBlank.freeId("own cup", _ -> false)).isEqualTo("own-cup");
        assertThat(OwnBlank.freeId("猫", _ -> false)).isEqualTo("own");
    }

    /** 500 pixels between two marks that are 250 mm apart: half a millimetre each. */
    @Test
    void aPhotoIsScaledByTwoPoints() {
        Photo photo = Photo.scaledBy("cup.png", new Point(100, 200), new Point(600, 200), 250);
        assertThat(photo.mmPerPx()).isEqualTo(0.5);
        assertThat(photo.xMm() + 350 * 0.5)
                .as("the middle between the marks lies on the middle line")
                .isZero();
        assertThat(photo.yMm() + 200 * 0.5).isZero();
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Photo.scaledBy("c", new Point(1, 1), new Point(1, 1), 10));
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Photo.scaledBy("c", new Point(1, 1), new Point(2, 1), -10));
    }
}
