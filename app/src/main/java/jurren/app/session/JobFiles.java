package jurren.app.session;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import jurren.app.desk.Order;
import jurren.app.keep.Leftover;
import jurren.app.keep.Recovery;
import jurren.app.theme.Texts;
import jurren.core.job.Shop;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.jobfile.Version;

/** The file behind the job of a window: opening, saving, its versions, and the copy that a crash does not reach. */
public final class JobFiles {
    /** What became of a save. */
    public enum Saved {
        SAVED,
        /** It could not be written, which is said. */
        FAILED,
        /** Another window or program wrote there since; nothing was written. */
        CHANGED_THERE
    }

    private final Session session;
    private final Recovery recovery;
    private final SelfSaving selfSaving;

    JobFiles(Session session, Path folder) {
        this.session = session;
        this.recovery = new Recovery(
                folder,
                session.desk(),
                why -> session.notices().trouble(Texts.of("window.not-kept", Texts.reason(why))));
        this.selfSaving = new SelfSaving(session);
    }

    private Document document() {
        return session.current();
    }

    public JobDocument whole() {
        return document().now();
    }

    public Optional<Path> file() {
        return document().file();
    }

    public List<Version> versions() {
        return document().versions();
    }

    public boolean isUnsaved() {
        return document().isUnsaved();
    }

    public Recovery recovery() {
        return recovery;
    }

    /** Starts over with another job; what was unsaved is gone, so ask before. */
    public void replace(JobDocument newDocument, Optional<Path> from) {
        recovery.forget();
        from.ifPresent(session.settings()::keepRecent);
        begin(newDocument, from);
    }

    /** Starts over with a job that somebody has just made: it is in no file, and not to be lost. */
    public void begin(JobDocument made) {
        begin(made, Optional.empty());
        document().isNowhereSaved();
        keptSafe();
    }

    private void begin(JobDocument newDocument, Optional<Path> from) {
        selfSaving.stop();
        session.begin(newDocument, from);
    }

    /** Takes work that a window left behind: it is not saved anywhere else. */
    public void bringBack(Leftover leftover, JobDocument left) {
        begin(left, leftover.source());
        document().isNowhereSaved();
        recovery.adopt(leftover, left);
    }

    /** @param opened told when it is open; when it cannot be opened, that is said and nothing changes */
    public void open(Path path, Runnable opened) {
        Shop known = session.shop();
        session.desk()
                .give(new Order<>(
                        Texts.of("work.opening", path.getFileName()),
                        _ -> JobFile.read(path, known),
                        read -> {
                            switch (read) {
                                case JobRead.Opened o -> {
                                    replace(o.document(), Optional.of(path));
                                    opened.run();
                                }
                                case JobRead.Refused r ->
                                    session.notices().trouble(session.words().refusal(r.refusal()));
                            }
                        },
                        why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
    }

    /**
     * What is edited while it is being written is unsaved still.
     *
     * @param over whether also over what others wrote there since
     */
    public void save(Path path, boolean over, Consumer<Saved> then) {
        Document of = document();
        JobDocument now = of.now();
        JobDocument kept = withUsedLayouts(now);
        boolean own = of.file().filter(path::equals).isPresent();
        selfSaving.stop();
        session.desk()
                .give(new Order<>(
                                Texts.of("work.saving", path.getFileName()),
                                _ -> {
                                    if (own && !over && !of.isAsLeft(path)) {
                                        return Saved.CHANGED_THERE;
                                    }
                                    selfSaving.write(kept, path);
                                    return Saved.SAVED;
                                },
                                how -> {
                                    if (how == Saved.SAVED) {
                                        session.settings().keepRecent(path);
                                        saved(of, now, path);
                                        session.notices().say(Texts.of("job.saved", path.getFileName()));
                                    }
                                    then.accept(how);
                                },
                                why -> {
                                    session.notices()
                                            .trouble(Texts.of(
                                                    "file.not-written", path.getFileName(), Texts.reason(why)));
                                    then.accept(Saved.FAILED);
                                })
                        .finishing());
    }

    /** Layouts that nothing asks for any more are not kept in files. */
    JobDocument withUsedLayouts(JobDocument now) {
        return session.plan()
                .filter(p -> p.job().equals(now.job()))
                .map(p -> now.with(p.withUsedLayouts()))
                .orElse(now);
    }

    /** Exactly this is in that file. */
    void saved(Document of, JobDocument what, Path where) {
        of.savedAs(what, where);
        if (of == document() && !isUnsaved()) {
            recovery.forget();
            session.shelf().promise();
        }
        session.tell();
    }

    /** Whether the job may be written into its file unasked: it is wished, and nobody else wrote there since. */
    public boolean savesItself() {
        return session.settings().savesItself()
                && file().filter(document()::isAsLeft).isPresent();
    }

    /** From now on the job is saved by itself, or no more. */
    public void saveItself(boolean itself) {
        session.settings().saveItself(itself);
        selfSaving.changed(document());
        session.tell();
    }

    /** The job was edited, or an edit was taken back. */
    void changed() {
        if (isUnsaved()) {
            keptSafe();
        } else {
            recovery.forget();
            selfSaving.changed(document());
        }
    }

    /** A copy that a crash does not reach, and the file itself where that is wished. */
    void keptSafe() {
        recovery.keep(document().now(), document().file());
        selfSaving.changed(document());
    }

    /** Keeps the job as it is now, by name; saved with the next save. */
    public void keepVersion(String name) {
        document().keepVersion(name, Instant.now());
        keptSafe();
        session.tell();
    }

    /** Gone from the list until it is brought back. */
    public void removeVersion(Version version) {
        Document of = document();
        List<Version> before = of.versions();
        of.putVersions(before.stream().filter(v -> !v.equals(version)).toList());
        keptSafe();
        session.notices().say(Texts.of("drawer.version-removed", version.name()), Texts.of("removed.back"), () -> {
            of.putVersions(before);
            session.tell();
        });
    }

    /** The job becomes as it was; that is an edit like any other. */
    public void takeBack(Version version) {
        session.edit(version.job());
    }
}
