package jurren.core.art;

import java.util.List;
import jurren.core.material.Colour;

/**
 * Which colour each part of lettering has.
 *
 * @param colours taken in turn: two colours by letter make every second letter the second one
 */
public record Colouring(By by, List<Colour> colours) {
    private static final int MOST = 12;

    /** What takes the next colour. */
    public enum By {
        WHOLE,
        LETTER,
        WORD,
        LINE
    }

    public Colouring {
        colours = List.copyOf(colours);
        if (colours.isEmpty() || colours.size() > MOST) {
            throw new IllegalArgumentException(
                    "colours in turn must be from 1 to " + MOST + " but were " + colours.size());
        }
    }

    public static Colouring whole(Colour colour) {
        return new Colouring(By.WHOLE, List.of(colour));
    }

    public Colour of(int number) {
        return colours.get(by == By.WHOLE ? 0 : number % colours.size());
    }
}
