package jurren.app.cutter;

import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;
import java.util.stream.Stream;
import jurren.app.theme.Texts;
import jurren.core.load.SerialSettings;

/** A serial port, eight bits, one stop bit. */
final class SerialWire implements Wire {
    private static final int BITS = 8;

    private final SerialPort port;

    SerialWire(SerialSettings settings) throws IOException {
        try {
            port = SerialPort.getCommPort(settings.port());
        } catch (SerialPortInvalidPortException _) {
            throw new IOException(Texts.of("serial.none", settings.port(), there()));
        }
        port.setComPortParameters(settings.bitsPerS(), BITS, SerialPort.ONE_STOP_BIT, SerialPort.NO_PARITY);
        port.setFlowControl(
                switch (settings.flow()) {
                    case NONE -> SerialPort.FLOW_CONTROL_DISABLED;
                    case BY_SIGNS ->
                        SerialPort.FLOW_CONTROL_XONXOFF_IN_ENABLED | SerialPort.FLOW_CONTROL_XONXOFF_OUT_ENABLED;
                    case BY_LINES -> SerialPort.FLOW_CONTROL_RTS_ENABLED | SerialPort.FLOW_CONTROL_CTS_ENABLED;
                });
        // a read waits for the first byte, a write until all is on its way
        port.setComPortTimeouts(SerialPort.TIMEOUT_READ_SEMI_BLOCKING | SerialPort.TIMEOUT_WRITE_BLOCKING, 0, 0);
        if (!port.openPort(0)) {
            throw new IOException(Texts.of("serial.not-opened", settings.port(), there()));
        }
    }

    /** The ports that this computer knows. */
    static List<String> ports() {
        return Stream.of(SerialPort.getCommPorts())
                .map(SerialPort::getSystemPortPath)
                .sorted()
                .toList();
    }

    private static String there() {
        return ports().isEmpty() ? Texts.of("serial.no-ports") : Texts.of("serial.ports", String.join(", ", ports()));
    }

    @Override
    public InputStream in() {
        return port.getInputStream();
    }

    @Override
    public OutputStream out() {
        return port.getOutputStream();
    }

    @Override
    public void close() {
        port.closePort();
    }
}
