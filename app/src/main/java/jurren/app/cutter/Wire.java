package jurren.app.cutter;

import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import jurren.core.load.Connection;

/** What bytes to a machine and its answers run through. */
interface Wire extends Closeable {
    /** Ends, or fails, when the machine is gone. */
    InputStream in() throws IOException;

    OutputStream out() throws IOException;

    /** @throws IOException with what a person can do about it, when nothing is there */
    static Wire to(Connection reach) throws IOException {
        return switch (reach.kind()) {
            case PORT -> new NetworkWire(reach);
            case SERIAL -> new SerialWire(reach.serial());
            case STAND_IN, FOLDER -> throw new IllegalArgumentException("no wire leads to " + reach);
        };
    }
}
