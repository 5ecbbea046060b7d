package jurren.core.load;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * How a serial port is spoken through; eight bits, no parity, one stop bit.
 *
 * @param port     its name, as in COM3 or /dev/ttyUSB0
 * @param bitsPerS its speed
 * @param flow     how a machine whose buffer is full says so
 */
public record SerialSettings(String port, int bitsPerS, Flow flow) {
    /** How a machine says that it can take no more. */
    public enum Flow {
        NONE,
        /** XON and XOFF. */
        BY_SIGNS,
        /** RTS and CTS. */
        BY_LINES
    }

    /** The speeds in use. */
    public static final List<Integer> SPEEDS = List.of(1200, 2400, 4800, 9600, 19_200, 38_400, 57_600, 115_200);

    public static final int USUAL = 9600;
    private static final String BETWEEN = " ";

    public SerialSettings {
        if (port.isBlank() || port.contains(BETWEEN)) {
            throw new IllegalArgumentException("a serial port has a name without blanks");
        }
        if (!SPEEDS.contains(bitsPerS)) {
            throw new IllegalArgumentException(
                    "the speed of a serial port is one of " + SPEEDS + " but was " + bitsPerS);
        }
    }

    /** As in {@code COM3 9600 by-signs}; the usual where less is said. */
    static SerialSettings parse(String text) {
        String[] parts = text.strip().split("\\s+");
        if (parts.length > 3) {
            throw new IllegalArgumentException("a serial port is told by its name, its speed and how it is held back");
        }
        int speed = USUAL;
        if (parts.length > 1) {
            if (!parts[1].matches("[0-9]{1,6}")) {
                throw new IllegalArgumentException("\"" + parts[1] + "\" is not a speed of a serial port");
            }
            speed = Integer.parseInt(parts[1]);
        }
        return new SerialSettings(parts[0], speed, parts.length > 2 ? flow(parts[2]) : Flow.BY_SIGNS);
    }

    private static Flow flow(String word) {
        Optional<Flow> flow = Arrays.stream(Flow.values())
                .filter(f -> word(f).equalsIgnoreCase(word))
                .findFirst();
        return flow.orElseThrow(() -> new IllegalArgumentException(
                "\"" + word + "\" does not say how a serial port is held back: none, by-signs or by-lines"));
    }

    private static String word(Flow flow) {
        return flow.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** As it is kept. */
    public String text() {
        return String.join(BETWEEN, port, String.valueOf(bitsPerS), word(flow));
    }
}
