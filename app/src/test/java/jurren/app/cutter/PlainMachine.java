package jurren.app.cutter;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.standins.cutter.HpglInterpreter;

/**
 * A machine as simple as can be, at a raw port or any other wire: it cuts what it has read in full, and answers where
 * it is when it is asked.
 */
public final class PlainMachine implements AutoCloseable {
    private static final Pattern PLACE = Pattern.compile("-?[0-9]+,-?[0-9]+");

    private final ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
    private final List<List<Point>> bed = new ArrayList<>();
    private final boolean answers;
    private volatile int left;

    /** @param bytes after which it hangs up, once; endless when negative */
    public PlainMachine(boolean answers, int bytes) throws IOException {
        this.answers = answers;
        this.left = bytes;
        Thread.ofPlatform().daemon().start(this::serve);
    }

    public Connection reach() {
        return new Connection(Connection.Kind.PORT, "127.0.0.1:" + server.getLocalPort());
    }

    public List<List<Point>> bed() {
        synchronized (bed) {
            return List.copyOf(bed);
        }
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket s = server.accept()) {
                serve(s.getInputStream(), s.getOutputStream());
            } catch (IOException _) {
                // the caller left, or the door is closed
            }
        }
    }

    /** Until it hears no more, or hangs up. */
    void serve(InputStream in, OutputStream out) throws IOException {
        HpglInterpreter reader = new HpglInterpreter();
        StringBuilder command = new StringBuilder();
        for (int b = in.read(); b >= 0; b = in.read()) {
            reader.take((byte) b);
            command.append((char) b);
            boolean asked = command.toString().endsWith("OA;");
            synchronized (bed) {
                reader.drain().stream()
                        .filter(HpglInterpreter.Action.Stroke.class::isInstance)
                        .forEach(a -> bed.add(((HpglInterpreter.Action.Stroke) a).points()));
                if (asked && command.toString().contains("PD")) {
                    // what the knife is in the middle of ends where the question is answered
                    lift(reader);
                }
            }
            if (answers && (asked || command.toString().endsWith("OI;"))) {
                String answer = asked ? where(command.toString()) : "PLAIN MACHINE";
                out.write((answer + "\n").getBytes(StandardCharsets.US_ASCII));
                out.flush();
            }
            if (asked) {
                command.setLength(0);
            }
            if (left > 0 && --left == 0) {
                left = -1;
                break;
            }
        }
    }

    /** The last place that it was told. */
    private static String where(String told) {
        Matcher place = PLACE.matcher(told);
        String last = "0,0";
        while (place.find()) {
            last = place.group();
        }
        return last + ",0";
    }

    private void lift(HpglInterpreter reader) {
        reader.take((byte) 'P');
        reader.take((byte) 'U');
        reader.take((byte) ';');
        reader.drain().stream()
                .filter(HpglInterpreter.Action.Stroke.class::isInstance)
                .forEach(a -> bed.add(((HpglInterpreter.Action.Stroke) a).points()));
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
