package jurren.standins.cutter;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;

/**
 * The near end of the line to a cutter on a loopback port. Answers arrive on a thread of their own;
 * the end of the line is told once, as {@code null}.
 */
public final class CutterLine implements MachineLine {
    private final Socket socket;

    public CutterLine(int port, Consumer<CutterStatus> answers) throws IOException {
        this.socket = new Socket(InetAddress.getLoopbackAddress(), port);
        Thread.ofPlatform().daemon().name("cutter answers").start(() -> listen(answers));
    }

    public void send(byte[] hpgl) throws IOException {
        write(hpgl);
    }

    @Override
    public void pause() throws IOException {
        escape('P');
    }

    @Override
    public void carryOn() throws IOException {
        escape('C');
    }

    @Override
    public void stop() throws IOException {
        escape('K');
    }

    public void ask() throws IOException {
        escape('S');
    }

    private void escape(char letter) throws IOException {
        write(new byte[] {27, '.', (byte) letter, ':'});
    }

    private synchronized void write(byte[] bytes) throws IOException {
        socket.getOutputStream().write(bytes);
        socket.getOutputStream().flush();
    }

    private void listen(Consumer<CutterStatus> answers) {
        try (BufferedReader in =
                new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                CutterStatus.parse(line).ifPresent(answers);
            }
        } catch (IOException _) {
            // a reset and a hang-up mean the same here: the line is dead
        }
        answers.accept(null);
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
