package jurren.core.finish;

import java.util.List;
import jurren.core.material.Pressure;

/**
 * The press closed once (or once over each position).
 *
 * @param laid   the layers laid for it, by index from the bottom
 * @param bonded those that have had all they need afterwards and had not before
 * @param down   all that lie there, those just laid among them
 */
public record Closing(
        List<Integer> laid,
        List<Integer> bonded,
        List<Integer> down,
        double celsius,
        double seconds,
        Pressure pressure) {
    public Closing {
        laid = List.copyOf(laid);
        bonded = List.copyOf(bonded);
        down = List.copyOf(down);
    }

    Closing lasting(double newSeconds) {
        return new Closing(laid, bonded, down, celsius, newSeconds, pressure);
    }

    Closing at(double newCelsius) {
        return new Closing(laid, bonded, down, newCelsius, seconds, pressure);
    }
}
