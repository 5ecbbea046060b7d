package jurren.core.blank;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OwnBlankTest {
    private static OwnBlank own(String name, OwnBlank.Shape shape, double inset, OwnBlank.Spot... spots) {
        return new OwnBlank("own-x", name, Fixtures.COTTON, new BlankColour("own", "as measured", Colour.of("#FFFFFF")), shape, inset,
                List.of(spots), Optional.empty());
    }

    private static Face face(OwnBlank own) {
        return own.blank().reference().faces().getFirst();
    }

    @Test
    void aFlatThingKeepsItsEdgesFree() {
        Face face = face(own("Tray", new OwnBlank.Flat(300, 200), 15));
        assertThat(face.area().box()).isEqualTo(new Box(-135, 15, 135, 185));
        assertThat(face.whole()).isEqualTo(new Box(-150, 0, 150, 200));
        assertThat(face.artWidthMm()).isCloseTo(216, within(1e-9));
    }

    @Test
    void aRoundThingIsWrappedOnce() {
        Face face = face(own("Cup", new OwnBlank.Round(80, 60, 100), 8));
        assertThat(face.area().widthMm()).isCloseTo(Math.PI * 70, within(1e-9));
        assertThat(face.area().heightMm()).isEqualTo(84);
        assertThat(face.obstacles()).extracting(Obstacle::kind).containsExactly(Obstacle.Kind.LIP, Obstacle.Kind.FOOT);
    }

    /** 20 mm from the left edge and 30 from the top, by hand. */
    @Test
    void spotsLieAtTheirDistancesFromTheEdges() {
        Face face = face(own("Tray", new OwnBlank.Flat(300, 200), 10,
                new OwnBlank.Spot(Obstacle.Kind.CAMERA, true, 20, 30, 12, 12),
                new OwnBlank.Spot(Obstacle.Kind.SLOT, false, 100, 150, 40, 8)));
        assertThat(face.obstacles().getFirst().box()).isEqualTo(new Box(-130, 30, -118, 42));
        assertThat(face.obstacles().getLast().box()).isEqualTo(new Box(-50, 150, -10, 158));
        assertThat(face.obstacles().getFirst().region().areaMm2()).as("a circle").isCloseTo(Math.PI * 36, within(0.2));
    }

    @Test
    void whatWasMeasuredIsFoundAgainInTheBlank() {
        OwnBlank cup = own("Cup", new OwnBlank.Round(80, 60, 100), 8, new OwnBlank.Spot(Obstacle.Kind.HANDLE, false, 0, 0, 15, 100));
        assertThat(OwnBlank.of(cup.blank())).contains(cup);
        OwnBlank tray = own("Tray", new OwnBlank.Flat(300, 200), 15);
        assertThat(OwnBlank.of(tray.blank())).contains(tray);
        assertThat(OwnBlank.of(Fixtures.shop().blanks().getFirst())).as("a shirt was made otherwise").isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"-5, 100, 8", "300, 0, 8", "300, 200, -1", "300, 200, 100", "300, 9000, 8"})
    void whatCannotBeIsRefused(double width, double height, double inset) {
        assertThatIllegalArgumentException().isThrownBy(() -> own("X", new OwnBlank.Flat(width, height), inset).blank());
    }

    @Test
    void aNameIsNeededAndMakesTheId() {
        assertThatIllegalArgumentException().isThrownBy(() -> own("  ", new OwnBlank.Flat(10, 10), 1));
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
        assertThat(photo.xMm() + 350 * 0.5).as("the middle between the marks lies on the middle line").isZero();
        assertThat(photo.yMm() + 200 * 0.5).isZero();
        assertThatIllegalArgumentException().isThrownBy(() -> Photo.scaledBy("c", new Point(1, 1), new Point(1, 1), 10));
        assertThatIllegalArgumentException().isThrownBy(() -> Photo.scaledBy("c", new Point(1, 1), new Point(2, 1), -10));
    }
}
