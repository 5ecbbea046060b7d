package jurren.app.session;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.stop.Stop;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;

/**
 * Writes a job into its file: when a person says so, or by itself a while after the last change, where that was wished.
 * By itself it never writes over what another window or program put there since.
 */
final class SelfSaving {
    private static final long QUIET_MS = 1500;

    /** The file is not as it was when it was last read or written here. */
    private static final class Changed extends Exception {
        private static final long serialVersionUID = 1;
    }

    private final Session session;
    private final Lane lane;
    /** One is written at a time, and an older one never after a newer. */
    private final Object writing = new Object();
    /** It was said that this one is not saved by itself any more. */
    private Document heldBack;

    SelfSaving(Session session) {
        this.session = session;
        this.lane = session.desk().lane();
    }

    /** A person's own save: whatever was to be written is older. */
    void write(JobDocument now, Path path) throws IOException {
        synchronized (writing) {
            JobFile.write(now, path);
        }
    }

    void stop() {
        lane.stop();
        heldBack = null;
    }

    void changed(Document document) {
        if (!session.settings().savesItself()
                || document.file().isEmpty()
                || !document.isUnsaved()
                || document == heldBack) {
            lane.stop();
            return;
        }
        JobDocument now = document.now();
        JobDocument kept = session.files().withUsedLayouts(now);
        Path path = document.file().get();
        lane.want(new Order<Void>(
                "",
                _ -> {
                    TimeUnit.MILLISECONDS.sleep(QUIET_MS);
                    synchronized (writing) {
                        Stop.here().look();
                        if (!document.isAsLeft(path)) {
                            throw new Changed();
                        }
                        JobFile.write(kept, path);
                        // at once: an edit meanwhile stops this errand, and then nobody is told that it ended
                        document.wrote(path);
                    }
                    return null;
                },
                _ -> session.files().saved(document, now, path),
                why -> {
                    heldBack = document;
                    session.notices()
                            .trouble(
                                    why instanceof Changed
                                            ? Texts.of("saves.changed", path.getFileName())
                                            : Texts.of("file.not-written", path.getFileName(), Texts.reason(why)));
                }));
    }
}
