package jurren.core.load;

/**
 * How files get to a cutter.
 *
 * @param where of a network port its address and number, as in 192.168.1.40:9100; of a serial port its name, speed and
 *              flow, as in COM3 9600 by-signs; of a folder its path
 */
public record Connection(Kind kind, String where) {
    /** The ways there are. */
    public enum Kind {
        /** The simulated one that ships with the application. */
        STAND_IN,
        /** A raw network port. */
        PORT,
        SERIAL,
        /** A folder that the machine's own program watches. */
        FOLDER
    }

    public static final Connection STAND_IN = new Connection(Kind.STAND_IN, "");
    private static final int MOST_PORT = 65_535;
    private static final int LONGEST = 1_000;

    public Connection {
        if (where.length() > LONGEST) {
            throw new IllegalArgumentException(
                    "where a cutter is reached is told in at most " + LONGEST + " characters");
        }
        if (kind == Kind.PORT && (host(where).isBlank() || port(where) < 1 || port(where) > MOST_PORT)) {
            throw new IllegalArgumentException(
                    "a network port is told as address:number, the number from 1 to " + MOST_PORT);
        }
        if (kind == Kind.SERIAL) {
            where = SerialSettings.parse(where).text();
        }
        if (kind == Kind.FOLDER && where.isBlank()) {
            throw new IllegalArgumentException("a folder needs a path");
        }
    }

    /** Of a serial port. */
    public SerialSettings serial() {
        return SerialSettings.parse(where);
    }

    /** Whether paths are sent one by one through a wire to a machine that is really there. */
    public boolean isWire() {
        return kind == Kind.PORT || kind == Kind.SERIAL;
    }

    public String host() {
        return host(where);
    }

    public int port() {
        return port(where);
    }

    private static String host(String where) {
        int colon = where.lastIndexOf(':');
        return colon < 0 ? "" : where.substring(0, colon).strip();
    }

    private static int port(String where) {
        String digits = where.substring(where.lastIndexOf(':') + 1).strip();
        return digits.matches("[0-9]{1,5}") ? Integer.parseInt(digits) : -1;
    }
}
