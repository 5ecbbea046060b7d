package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/**
 * What is narrower than {@code leastMm} is made that wide: bands of that width are laid along the middle of
 * every thin part. The rest stays as it is.
 *
 * <p>Example: a bar of 0.4 mm between two discs becomes a bar of 0.8 mm; the discs stay.
 */
public record Thicken(double leastMm) implements Treatment {
    /** A band can end beside another thin part; that one is met in the next round. */
    private static final int MOST_ROUNDS = 4;

    public Thicken {
        Limits.above("a least width", leastMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, this::thickened);
    }

    private Region thickened(Region region) {
        Region now = region;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Region bands = now.narrowBands(leastMm, false);
            if (bands.isEmpty()) {
                return now;
            }
            now = now.weld(bands);
        }
        return now;
    }
}
