package jurren.app.cutter;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import jurren.core.load.Connection;

/** A raw network port. */
final class NetworkWire implements Wire {
    private static final int CONNECT_MS = 4_000;

    private final Socket socket = new Socket();

    NetworkWire(Connection reach) throws IOException {
        try {
            socket.connect(new InetSocketAddress(reach.host(), reach.port()), CONNECT_MS);
            socket.setTcpNoDelay(true);
        } catch (IOException e) {
            socket.close();
            throw e;
        }
    }

    @Override
    public InputStream in() throws IOException {
        return socket.getInputStream();
    }

    @Override
    public OutputStream out() throws IOException {
        return socket.getOutputStream();
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
