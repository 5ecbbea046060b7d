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
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.load.Connection;

/**
 * A cutter of another make, which reads its language by itself and has manners of its own. What it really cut is told
 * by the text of each stroke.
 */
final class ForeignMachine implements AutoCloseable {
    /** What it does when it is asked where it is. */
    enum Manner {
        PLAIN,
        /** Greets whoever connects. */
        GREETS,
        EMPTY_LINE_FIRST,
        ENDS_WITH_LF_CR,
        ENDS_WITH_NOTHING,
        /** Everything twice. */
        TWICE,
        /** Much too late, once. */
        LATE,
        /** Nothing any more, from a question on: nothing is cut either. */
        SILENT,
        /** Nothing any more, and then it is gone. */
        HANGS_UP,
        /** Says that it is jammed, and cuts nothing. */
        JAMS,
        /** Noise. */
        GARBAGE,
        /** Where it was before. */
        STANDS_STILL
    }

    private static final Pattern PLACE = Pattern.compile("(-?[0-9]+),(-?[0-9]+)");
    private static final long LATE_MS = 2_500;

    private final ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
    private final List<String> cut = new ArrayList<>();
    private final Manner manner;
    private final int at;
    private int asked;

    /** @param at the question from which on it has that manner, from 1 */
    ForeignMachine(Manner manner, int at) throws IOException {
        this.manner = manner;
        this.at = at;
        Thread.ofPlatform().daemon().start(this::serve);
    }

    Connection reach() {
        return new Connection(Connection.Kind.PORT, "127.0.0.1:" + server.getLocalPort());
    }

    /** In the order in which they were cut. */
    List<String> cut() {
        synchronized (cut) {
            return List.copyOf(cut);
        }
    }

    private void serve() {
        while (!server.isClosed()) {
            try (Socket s = server.accept()) {
                talk(s.getInputStream(), s.getOutputStream());
            } catch (IOException _) {
                // the caller left, or the door is closed
            } catch (InterruptedException _) {
                return;
            }
        }
    }

    private void talk(InputStream in, OutputStream out) throws IOException, InterruptedException {
        if (manner == Manner.GREETS) {
            say(out, "READY V1.2\r\n");
        }
        StringBuilder word = new StringBuilder();
        String from = "0,0";
        String here = from;
        String stroke = "";
        for (int b = in.read(); b >= 0; b = in.read()) {
            if (b != ';') {
                word.append((char) b);
                continue;
            }
            String told = word.toString().strip();
            word.setLength(0);
            if (told.startsWith("PU") || told.startsWith("PD")) {
                from = here;
                Matcher m = PLACE.matcher(told);
                while (m.find()) {
                    here = m.group();
                }
                stroke = told.startsWith("PD") ? from + " " + told : stroke;
            } else if (told.equals("OA")) {
                boolean again = stroke.isEmpty();
                asked++;
                boolean now = asked >= at;
                boolean fails =
                        now && (manner == Manner.SILENT || manner == Manner.JAMS || manner == Manner.STANDS_STILL);
                if (!again && !fails) {
                    synchronized (cut) {
                        cut.add(stroke);
                    }
                    stroke = "";
                }
                if (now && manner == Manner.HANGS_UP && asked == at) {
                    return;
                }
                answer(out, here, now, fails ? from : here);
            }
        }
    }

    private void answer(OutputStream out, String here, boolean now, String stands)
            throws IOException, InterruptedException {
        if (manner == Manner.LATE && asked == at) {
            TimeUnit.MILLISECONDS.sleep(LATE_MS);
        }
        String plain = here + ",1";
        say(
                out,
                !now
                        ? plain + "\r\n"
                        : switch (manner) {
                            case PLAIN, GREETS, LATE, HANGS_UP -> plain + "\r\n";
                            case EMPTY_LINE_FIRST -> "\r\n" + plain + "\r\n";
                            case ENDS_WITH_LF_CR -> plain + "\n\r";
                            case ENDS_WITH_NOTHING -> plain;
                            case TWICE -> plain + "\r\n" + plain + "\r\n";
                            case SILENT -> "";
                            case JAMS -> "E35 JAM\r\n";
                            case GARBAGE -> "\u0007\u00f4#q\u0001%\r\n";
                            case STANDS_STILL -> stands + ",1\r\n";
                        });
    }

    private static void say(OutputStream out, String what) throws IOException {
        out.write(what.getBytes(StandardCharsets.ISO_8859_1));
        out.flush();
    }

    @Override
    public void close() throws IOException {
        server.close();
    }
}
