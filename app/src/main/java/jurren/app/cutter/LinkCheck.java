package jurren.app.cutter;

import java.io.IOException;
import java.util.List;
import jurren.core.load.Connection;

/** Finds out by trying whether a cutter is there. */
public final class LinkCheck {
    private LinkCheck() {}

    /** What it says it is; empty when something listens and says nothing, as most cutters do. */
    public static String ask(Connection reach) throws IOException {
        return WireLine.ask(reach);
    }

    /** The serial ports that this computer knows. */
    public static List<String> serialPorts() {
        return SerialWire.ports();
    }
}
