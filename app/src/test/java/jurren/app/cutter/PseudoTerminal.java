package jurren.app.cutter;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.lang.foreign.Arena;
import java.lang.foreign.FunctionDescriptor;
import java.lang.foreign.Linker;
import java.lang.foreign.MemorySegment;
import java.lang.foreign.ValueLayout;
import java.lang.invoke.MethodHandle;
import java.nio.charset.StandardCharsets;

/**
 * A pair of pseudo-terminals of POSIX: the machine's end is held here, the other has a name that is opened like a
 * serial port.
 */
@SuppressWarnings("restricted")
final class PseudoTerminal implements AutoCloseable {
    private static final Linker LINKER = Linker.nativeLinker();
    private static final int READ_WRITE = 2;
    private static final int NOT_OURS = 0x100;
    private static final int NAME_BYTES = 256;
    private static final int SOME = 256;

    private final Arena arena = Arena.ofShared();
    private final MethodHandle read =
            function("read", ValueLayout.JAVA_LONG, ValueLayout.JAVA_INT, ValueLayout.ADDRESS, ValueLayout.JAVA_LONG);
    private final MethodHandle write =
            function("write", ValueLayout.JAVA_LONG, ValueLayout.JAVA_INT, ValueLayout.ADDRESS, ValueLayout.JAVA_LONG);
    private final int fd;
    private final int other;
    private final String name;

    PseudoTerminal() throws IOException {
        fd = number("posix_openpt", READ_WRITE | NOT_OURS);
        number("grantpt", fd);
        number("unlockpt", fd);
        MemorySegment text = arena.allocate(NAME_BYTES);
        if ((int) call(
                        function(
                                "ptsname_r",
                                ValueLayout.JAVA_INT,
                                ValueLayout.JAVA_INT,
                                ValueLayout.ADDRESS,
                                ValueLayout.JAVA_LONG),
                        fd,
                        text,
                        (long) NAME_BYTES)
                != 0) {
            throw new IOException("no name");
        }
        name = text.getString(0);
        // as long as someone holds the other end, this one does not hang up when a caller leaves
        other = (int) call(
                function("open", ValueLayout.JAVA_INT, ValueLayout.ADDRESS, ValueLayout.JAVA_INT),
                arena.allocateFrom(name, StandardCharsets.US_ASCII),
                READ_WRITE | NOT_OURS);
    }

    static boolean isPossible() {
        return LINKER.defaultLookup().find("posix_openpt").isPresent()
                && LINKER.defaultLookup().find("ptsname_r").isPresent();
    }

    private static MethodHandle function(String name, ValueLayout gives, ValueLayout... takes) {
        return LINKER.downcallHandle(
                LINKER.defaultLookup().find(name).orElseThrow(), FunctionDescriptor.of(gives, takes));
    }

    private static int number(String name, int argument) throws IOException {
        int result = (int) call(function(name, ValueLayout.JAVA_INT, ValueLayout.JAVA_INT), argument);
        if (result < 0) {
            throw new IOException(name + " failed");
        }
        return result;
    }

    private static Object call(MethodHandle function, Object... arguments) throws IOException {
        try {
            return function.invokeWithArguments(arguments);
        } catch (Throwable e) {
            throw new IOException(e);
        }
    }

    /** What the other end is opened by. */
    String name() {
        return name;
    }

    InputStream in() {
        return new InputStream() {
            private final MemorySegment some = arena.allocate(SOME);

            @Override
            public int read() throws IOException {
                long n = (long) call(read, fd, some, 1L);
                return n <= 0 ? -1 : some.get(ValueLayout.JAVA_BYTE, 0) & 0xFF;
            }
        };
    }

    OutputStream out() {
        return new OutputStream() {
            private final MemorySegment some = arena.allocate(SOME);

            @Override
            public void write(int b) throws IOException {
                some.set(ValueLayout.JAVA_BYTE, 0, (byte) b);
                call(write, fd, some, 1L);
            }
        };
    }

    /** The machine is gone, as if its cable were pulled. */
    @Override
    public void close() throws IOException {
        number("close", other);
        number("close", fd);
    }
}
