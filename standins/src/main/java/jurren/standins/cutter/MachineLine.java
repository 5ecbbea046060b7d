package jurren.standins.cutter;

import java.io.IOException;

/** The near end of a line to a cutter, while one load is cut. */
public interface MachineLine extends AutoCloseable {
    void pause() throws IOException;

    void carryOn() throws IOException;

    /** The path under the knife is finished; what is not yet cut is dropped. */
    void stop() throws IOException;

    @Override
    void close() throws IOException;
}
