package jurren.app.cutter;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

/**
 * What a machine sends, line by line: ended by any sign of an end, or by nothing for a while. Empty lines are nobody's
 * answer.
 */
final class Answers {
    private static final int LONGEST = 200;
    private static final long QUIET_MS = 400;
    private static final long STEP_MS = 100;

    private final LinkedBlockingQueue<String> lines = new LinkedBlockingQueue<>();
    private final StringBuilder open = new StringBuilder();
    private long heardAt;
    private volatile boolean gone;

    /** Until the machine is gone. */
    void listen(Wire wire) {
        try {
            InputStream in = wire.in();
            for (int b = in.read(); b >= 0; b = in.read()) {
                take((char) b);
            }
        } catch (IOException _) {
            // told by isGone: a reset and a hang-up mean the same
        }
        gone = true;
    }

    private synchronized void take(char c) {
        heardAt = System.nanoTime();
        if (c == '\n' || c == '\r' || open.length() >= LONGEST) {
            close();
        } else {
            open.append(c >= ' ' && c <= '~' ? c : ' ');
        }
    }

    private void close() {
        String line = open.toString().strip();
        open.setLength(0);
        if (!line.isEmpty()) {
            lines.add(line);
        }
    }

    /** The next line, if one comes within a step. */
    Optional<String> next() throws InterruptedException {
        String line = lines.poll(STEP_MS, TimeUnit.MILLISECONDS);
        if (line == null) {
            synchronized (this) {
                if (System.nanoTime() - heardAt > TimeUnit.MILLISECONDS.toNanos(QUIET_MS)) {
                    close();
                }
            }
            line = lines.poll();
        }
        return Optional.ofNullable(line);
    }

    /** What came before a question is no answer to it. */
    synchronized void forget() {
        open.setLength(0);
        lines.clear();
    }

    boolean isGone() {
        return gone && lines.isEmpty();
    }

    /** A question, or anything else that is sent. */
    static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
