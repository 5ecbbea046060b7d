package jurren.app.session;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Consumer;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.job.Shop;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;
import jurren.formats.start.Start;
import jurren.formats.start.StartFile;

/**
 * The things and starts that a person made, each a file in their folder: listed, given away, taken in, taken away with
 * a way back.
 */
public final class OwnDesk {
    /** How they stand. */
    public record State(List<Blank> things, List<Start> starts) {
        public State {
            things = List.copyOf(things);
            starts = List.copyOf(starts);
        }
    }

    private interface Change {
        void make() throws IOException;
    }

    private record Changed(State state, Shop shop) {}

    private final Session session;
    /** As they were read; null until somebody asks. */
    private List<Start> starts;

    OwnDesk(Session session) {
        this.session = session;
    }

    public void load(Consumer<State> then) {
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> state(), then, this::trouble).finishing());
    }

    private State state() {
        return new State(
                session.shopFolder().own(),
                session.shopFolder().starts().read().starts().stream()
                        .filter(Start::own)
                        .toList());
    }

    public void giveAway(Path file, Blank thing) {
        write(file, BlankFile.write(thing.withoutPhoto()));
    }

    public void giveAway(Path file, Start start) {
        write(file, StartFile.write(start));
    }

    private void write(Path file, byte[] content) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.writing", file.getFileName()),
                                _ -> {
                                    SafeFiles.write(file, content);
                                    return file;
                                },
                                f -> session.notices()
                                        .say(Texts.of(
                                                "file.written",
                                                f.getFileName(),
                                                f.toAbsolutePath().getParent())),
                                why -> session.notices()
                                        .trouble(Texts.of("file.not-written", file.getFileName(), Texts.reason(why))))
                        .finishing());
    }

    /** One that a line of the open job is made on stays. */
    public void remove(Blank thing, Consumer<State> then) {
        if (session.job().lines().stream().anyMatch(l -> l.blankId().equals(thing.id()))) {
            session.notices().say(Texts.of("choose.in-use", thing.name()));
            return;
        }
        change(
                () -> session.shopFolder().remove(thing.id()),
                then,
                () -> session.notices()
                        .say(
                                Texts.of("removed.done", thing.name()),
                                Texts.of("removed.back"),
                                () -> keep(thing, then)));
    }

    public void remove(Start start, Consumer<State> then) {
        change(
                () -> session.shopFolder().starts().remove(start.id()),
                then,
                () -> session.notices()
                        .say(
                                Texts.of("removed.done", start.name()),
                                Texts.of("removed.back"),
                                () -> keep(start, then)));
    }

    private void keep(Blank thing, Consumer<State> then) {
        change(
                () -> session.shopFolder().save(thing),
                then,
                () -> session.notices().say(Texts.of("choose.imported", thing.name())));
    }

    private void keep(Start start, Consumer<State> then) {
        change(
                () -> session.shopFolder().starts().save(start),
                then,
                () -> session.notices().say(Texts.of("things.start-taken", start.name())));
    }

    /**
     * A thing or a start, whichever the file holds.
     *
     * @param ask is shown what it would bring and replace
     */
    public void takeIn(Path file, Consumer<Offered> ask, Consumer<State> then) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.reading", file.getFileName()),
                                _ -> read(file, ask, then),
                                Runnable::run,
                                _ -> session.notices().trouble(Texts.of("file.unreadable", file.getFileName())))
                        .finishing());
    }

    /** What is to be done with what the file holds. */
    private Runnable read(Path file, Consumer<Offered> ask, Consumer<State> then) throws IOException {
        State now = state();
        try {
            Start start = StartFile.read(WholeFile.read(file), true);
            boolean replaces = now.starts.stream().anyMatch(s -> s.id().equals(start.id()));
            return () -> ask.accept(Offered.start(file, start, replaces, () -> keep(start, then)));
        } catch (StartFile.NotAStart _) {
            return switch (BlankFile.read(file)) {
                case BlankRead.Taken t -> {
                    boolean replaces = now.things.stream()
                            .anyMatch(b -> b.id().equals(t.blank().id()));
                    yield () -> ask.accept(Offered.thing(file, t.blank(), replaces, () -> keep(t.blank(), then)));
                }
                case BlankRead.Refused r ->
                    () -> session.notices().trouble(session.words().refusal(r.refusal()));
            };
        }
    }

    private void change(Change change, Consumer<State> then, Runnable said) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> {
                                    change.make();
                                    return new Changed(
                                            state(), session.shopFolder().shop());
                                },
                                done -> {
                                    session.useShop(done.shop);
                                    session.own().startsChanged();
                                    then.accept(done.state);
                                    said.run();
                                },
                                this::trouble)
                        .finishing());
    }

    private void trouble(Throwable why) {
        session.notices().trouble(Texts.of("shop.not-kept", Texts.reason(why)));
    }

    /** The starts there are; read again when one is saved or removed. */
    public List<Start> starts() {
        if (starts == null) {
            starts = session.shopFolder().starts().read().starts();
        }
        return starts;
    }

    public void startsChanged() {
        starts = null;
        session.tell();
    }
}
