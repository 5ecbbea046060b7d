package jurren.core.art.treat;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Treatment;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Every figure of every treatment at its least, its most and beyond: refused when it is made, or carried out or left out. */
@Tag("long")
class TreatmentBoundsTest {
    private static final List<Double> LENGTHS =
            List.of(0.0, 1e-9, 1e-6, 1e-3, 0.01, 0.05, 0.5, 1000.0, 1e5, 1e300, Double.NaN, -1.0, -1e-9);
    private static final List<Integer> COUNTS = List.of(0, 1, 1000, 100_000, Integer.MAX_VALUE, -1);
    private static final Motif OTHER = new Motif(
            "m1", "other", Shape.of(Shape.Kind.ELLIPSE, 80, new Colour(0xFF0000)), List.of(), new Pose(0, 0, 0));

    static Stream<Treatments.Kind> kinds() {
        return Treatments.kinds().stream();
    }

    private static List<?> values(Class<?> type) {
        return type == double.class ? LENGTHS : type == int.class ? COUNTS : List.of();
    }

    private static Object[] usual(Treatment t, RecordComponent[] figures) throws ReflectiveOperationException {
        Object[] all = new Object[figures.length];
        for (int i = 0; i < all.length; i++) {
            all[i] = figures[i].getAccessor().invoke(t);
            if (all[i] instanceof String s && s.isEmpty()) {
                all[i] = OTHER.id();
            }
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void noFigureIsTooMuchForAnybody(Treatments.Kind kind) throws ReflectiveOperationException {
        RecordComponent[] figures = kind.type().getRecordComponents();
        List<String> refused = new ArrayList<>();
        for (int i = 0; i < figures.length; i++) {
            for (Object value : values(figures[i].getType())) {
                Object[] all = usual(kind.fresh().apply(new Colour(0x123456)), figures);
                all[i] = value;
                try {
                    Treatment made = kind.type()
                            .getDeclaredConstructor(Arrays.stream(figures)
                                    .map(RecordComponent::getType)
                                    .toArray(Class[]::new))
                            .newInstance(all);
                    Motif star = new Motif(
                            "m2",
                            "star",
                            Shape.of(Shape.Kind.STAR, 100, new Colour(0xFF)),
                            List.of(made),
                            new Pose(0, 0, 0));
                    BuiltMotif built = new Chain().build(star, List.of(OTHER, star));
                    assertThat(built.pieces()).hasSize(2);
                } catch (InvocationTargetException e) {
                    assertThat(e.getCause())
                            .as("%s %s=%s", kind.id(), figures[i].getName(), value)
                            .isInstanceOf(IllegalArgumentException.class)
                            .message()
                            .isNotBlank();
                    refused.add(figures[i].getName());
                }
            }
        }
        long measured =
                Arrays.stream(figures).filter(f -> f.getType() == double.class).count();
        assertThat(refused.size()).as("beyond is refused").isGreaterThanOrEqualTo((int) measured);
    }
}
