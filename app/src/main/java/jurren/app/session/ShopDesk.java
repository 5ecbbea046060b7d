package jurren.app.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jurren.app.desk.Order;
import jurren.app.keep.ShopFolder;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.job.MyShop;
import jurren.core.job.Shop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.material.Material;
import jurren.formats.Refusal;
import jurren.formats.catalogue.MyShopFile;
import jurren.formats.files.SafeFiles;
import jurren.formats.start.GivenShop;
import jurren.formats.start.Start;

/**
 * What a person makes their own of the shop: read and changed beside the window, kept in their folder, each change with
 * a way back.
 */
public final class ShopDesk {
    /**
     * How it stands.
     *
     * @param refused what of the person's own could not be used
     */
    public record State(Shop shipped, MyShop mine, List<Refusal> refused) {}

    private record Changed(MyShop before, State now, Shop shop, OwnFiles back) {}

    /** Things and starts that are written, and the ids of others that are taken away. */
    private record OwnFiles(List<Blank> things, List<Start> starts, List<String> thingsAway, List<String> startsAway) {
        void keep(ShopFolder folder) throws IOException {
            for (Blank b : things) {
                folder.save(b);
            }
            for (Start s : starts) {
                folder.starts().save(s);
            }
            for (String id : thingsAway) {
                folder.remove(id);
            }
            for (String id : startsAway) {
                folder.starts().remove(id);
            }
        }

        /** What brings back what there is now. */
        OwnFiles instead(ShopFolder folder) {
            List<String> blanks = Stream.concat(things.stream().map(Blank::id), thingsAway.stream())
                    .toList();
            List<String> ids = Stream.concat(starts.stream().map(Start::id), startsAway.stream())
                    .toList();
            List<Blank> oldThings =
                    folder.own().stream().filter(b -> blanks.contains(b.id())).toList();
            List<Start> oldStarts = folder.starts().read().starts().stream()
                    .filter(s -> s.own() && ids.contains(s.id()))
                    .toList();
            return new OwnFiles(
                    oldThings,
                    oldStarts,
                    blanks.stream()
                            .filter(id -> oldThings.stream().noneMatch(b -> b.id().equals(id)))
                            .toList(),
                    ids.stream()
                            .filter(id -> oldStarts.stream().noneMatch(s -> s.id().equals(id)))
                            .toList());
        }
    }

    private static final OwnFiles NO_FILES = new OwnFiles(List.of(), List.of(), List.of(), List.of());

    /** The last change, and how it is taken back. */
    public record Last(String sentence, Runnable back) {}

    private static final double MM_PER_M = 1000;

    private final Session session;
    private Optional<Last> last = Optional.empty();
    private Optional<MyShop> mine = Optional.empty();

    ShopDesk(Session session) {
        this.session = session;
    }

    public Optional<Last> last() {
        return last;
    }

    public void load(Consumer<State> then) {
        last = Optional.empty();
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> state(),
                                s -> {
                                    mine = Optional.of(s.mine);
                                    then.accept(s);
                                },
                                this::trouble)
                        .finishing());
    }

    private State state() {
        MyShopFile.Contents found = session.shopFolder().mine().read();
        return new State(ShopFolder.shipped(), found.shop(), found.refused());
    }

    /**
     * Changes what the person's file says now; plans follow at once.
     *
     * @param sentence what is said about it
     * @param then     told how the shop stands afterwards, also when it was taken back
     */
    public void change(UnaryOperator<MyShop> change, String sentence, Consumer<State> then) {
        change(change, NO_FILES, sentence, then);
    }

    private void change(UnaryOperator<MyShop> change, OwnFiles files, String sentence, Consumer<State> then) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> changed(change, files),
                                done -> {
                                    mine = Optional.of(done.now.mine);
                                    session.useShop(done.shop);
                                    session.own().startsChanged();
                                    if (!done.before.equals(done.now.mine) || files != NO_FILES) {
                                        Runnable back = () -> change(
                                                now -> done.before.withKnivesOf(now),
                                                done.back,
                                                Texts.of("shop.was-put-back"),
                                                then);
                                        last = Optional.of(new Last(sentence, back));
                                        session.notices().say(sentence, Texts.of("shop.back"), back);
                                    }
                                    then.accept(done.now);
                                },
                                this::trouble)
                        .finishing());
    }

    private Changed changed(UnaryOperator<MyShop> change, OwnFiles files) throws IOException {
        ShopFolder folder = session.shopFolder();
        MyShopFile file = folder.mine();
        MyShop before = file.read().shop();
        OwnFiles back = files == NO_FILES ? NO_FILES : files.instead(folder);
        files.keep(folder);
        file.change(change);
        return new Changed(before, state(), folder.shop(), back);
    }

    /** A knife went so much further; it is said once, when it is likely dull by now, and no plan follows. */
    public void knifeWent(Cutter cutter, Material film, double mm) {
        double[] before = {0};
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> session.shopFolder().mine().change(s -> {
                                    before[0] = s.knifeMm(s.knife(cutter.id(), film.id()));
                                    return s.withCut(cutter.id(), film, mm);
                                }),
                                now -> {
                                    mine = Optional.of(now);
                                    double went = now.knifeMm(now.knife(cutter.id(), film.id()));
                                    double lasts = cutter.head().lastsM() * MM_PER_M;
                                    if (before[0] < lasts && went >= lasts) {
                                        session.notices()
                                                .trouble(Texts.of(
                                                        "knife.dull",
                                                        cutter.name(),
                                                        session.unit().far(went),
                                                        session.unit().far(lasts)));
                                    }
                                    session.tell();
                                },
                                this::trouble)
                        .finishing());
    }

    /** What was last read of it; empty before anything was. */
    public Optional<MyShop> mine() {
        return mine;
    }

    public void giveAway(Path file) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> {
                                    ShopFolder folder = session.shopFolder();
                                    List<Start> starts = folder.starts().read().starts().stream()
                                            .filter(Start::own)
                                            .toList();
                                    SafeFiles.write(
                                            file,
                                            new GivenShop(
                                                            given(folder.mine()
                                                                    .read()
                                                                    .shop()),
                                                            folder.own(),
                                                            starts)
                                                    .bytes());
                                    return file;
                                },
                                f -> session.notices().say(Texts.of("shop.given", f.getFileName())),
                                this::trouble)
                        .finishing());
    }

    /** Where one's own cutters stand is nobody else's. */
    private static MyShop given(MyShop mine) {
        return mine.withCutters(mine.cutters().stream()
                .map(c -> c.withReach(Connection.STAND_IN))
                .toList());
    }

    /**
     * Another's shop in place of one's own; the films of one's own that it does not have stay, and so does how one's own
     * cutters are reached.
     *
     * @param ask is shown what it would bring and replace
     */
    public void takeIn(Path file, Consumer<Offered> ask, Consumer<State> then) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shop"),
                                _ -> {
                                    if (!Files.isRegularFile(file)) {
                                        throw new IOException(Texts.of("shop.no-file"));
                                    }
                                    return new Read(
                                            GivenShop.read(
                                                    file, ShopFolder.shipped().mine()),
                                            session.shopFolder().mine().read().shop());
                                },
                                read -> {
                                    GivenShop.Contents found = read.found;
                                    if (found.refused().isEmpty()) {
                                        GivenShop given = found.shop();
                                        ask.accept(Offered.shop(
                                                file,
                                                given,
                                                read.mine,
                                                () -> change(
                                                        mine -> joined(mine, given.shop()),
                                                        new OwnFiles(
                                                                given.things(), given.starts(), List.of(), List.of()),
                                                        Texts.of("shop.taken", file.getFileName()),
                                                        then)));
                                    } else {
                                        session.notices()
                                                .trouble(session.words()
                                                        .refusal(found.refused().getFirst()));
                                    }
                                },
                                this::trouble)
                        .finishing());
    }

    private record Read(GivenShop.Contents found, MyShop mine) {}

    private static MyShop joined(MyShop mine, MyShop other) {
        MyShop all = other.withCutters(other.cutters().stream()
                .map(c -> c.withReach(mine.cutters().stream()
                        .filter(own -> own.id().equals(c.id()))
                        .findFirst()
                        .map(Cutter::reach)
                        .orElse(Connection.STAND_IN)))
                .toList());
        for (var film : mine.films()) {
            all = all.film(film.id()).isPresent() ? all : all.withFilm(film);
        }
        // how far a knife went is of the machine that stands here
        return all.withKnivesOf(mine);
    }

    private void trouble(Throwable why) {
        session.notices().trouble(Texts.of("shop.not-kept", Texts.reason(why)));
    }
}
