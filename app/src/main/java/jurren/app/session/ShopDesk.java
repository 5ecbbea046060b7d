package jurren.app.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import jurren.app.desk.Order;
import jurren.app.keep.ShopFolder;
import jurren.app.theme.Texts;
import jurren.core.job.MyShop;
import jurren.core.job.Shop;
import jurren.core.load.Cutter;
import jurren.core.load.Reach;
import jurren.core.material.Material;
import jurren.formats.Refusal;
import jurren.formats.catalogue.MyShopFile;
import jurren.formats.files.SafeFiles;

/** What a person makes their own of the shop: read and changed beside the window, kept in their folder, each change with a way back. */
public final class ShopDesk {
    /**
     * How it stands.
     *
     * @param refused what of the person's own could not be used
     */
    public record State(Shop shipped, MyShop mine, List<Refusal> refused) {
    }

    private record Changed(MyShop before, State now, Shop shop) {
    }

    /** The last change, and how it is taken back. */
    public record Last(String sentence, Runnable back) {
    }

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
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> state(), s -> {
            mine = Optional.of(s.mine);
            then.accept(s);
        }, this::trouble).finishing());
    }

    private State state() {
        MyShopFile.Found found = session.shopFolder().mine().read();
        return new State(ShopFolder.shipped(), found.shop(), found.refused());
    }

    /**
     * Changes what the person's file says now; plans follow at once.
     *
     * @param sentence what is said about it
     * @param then     told how the shop stands afterwards, also when it was taken back
     */
    public void change(UnaryOperator<MyShop> change, String sentence, Consumer<State> then) {
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> changed(change), done -> {
            mine = Optional.of(done.now.mine);
            session.useShop(done.shop);
            if (!done.before.equals(done.now.mine)) {
                Runnable back = () -> change(now -> done.before.withKnivesOf(now), Texts.of("shop.was-put-back"), then);
                last = Optional.of(new Last(sentence, back));
                session.say(sentence, Texts.of("shop.back"), back);
            }
            then.accept(done.now);
        }, this::trouble).finishing());
    }

    private Changed changed(UnaryOperator<MyShop> change) throws IOException {
        MyShopFile file = session.shopFolder().mine();
        MyShop before = file.read().shop();
        file.change(change);
        return new Changed(before, state(), session.shopFolder().shop());
    }

    /** A knife went so much further; it is said once, when it is likely dull by now, and no plan follows. */
    public void knifeWent(Cutter cutter, Material film, double mm) {
        double[] before = {0};
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> session.shopFolder().mine().change(s -> {
            before[0] = s.knifeMm(s.knife(cutter.id(), film.id()));
            return s.withCut(cutter.id(), film, mm);
        }), now -> {
            mine = Optional.of(now);
            double went = now.knifeMm(now.knife(cutter.id(), film.id()));
            double lasts = cutter.head().lastsM() * MM_PER_M;
            if (before[0] < lasts && went >= lasts) {
                session.trouble(Texts.of("knife.dull", cutter.name(), session.unit().far(went), session.unit().far(lasts)));
            }
            session.tell();
        }, this::trouble).finishing());
    }

    /** What was last read of it; empty before anything was. */
    public Optional<MyShop> mine() {
        return mine;
    }

    public void giveAway(Path file) {
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> {
            SafeFiles.write(file, MyShopFile.bytes(given(session.shopFolder().mine().read().shop())));
            return file;
        }, f -> session.say(Texts.of("shop.given", f.getFileName())), this::trouble).finishing());
    }

    /** Where one's own cutters stand is nobody else's. */
    private static MyShop given(MyShop mine) {
        return mine.withCutters(mine.cutters().stream().map(c -> c.withReach(Reach.STAND_IN)).toList());
    }

    /** Another's shop in place of one's own; the films of one's own that it does not have stay. */
    public void takeIn(Path file, Consumer<State> then) {
        session.desk().give(new Order<>(Texts.of("work.shop"), _ -> {
            if (!Files.isRegularFile(file)) {
                throw new IOException(Texts.of("shop.no-file"));
            }
            return new MyShopFile(file, ShopFolder.shipped().mine()).read();
        }, found -> {
            if (found.refused().isEmpty()) {
                change(mine -> joined(mine, found.shop()), Texts.of("shop.taken", file.getFileName()), then);
            } else {
                session.trouble(session.words().refusal(found.refused().getFirst()));
            }
        }, this::trouble).finishing());
    }

    private static MyShop joined(MyShop mine, MyShop other) {
        MyShop all = other;
        for (var film : mine.films()) {
            all = all.film(film.id()).isPresent() ? all : all.withFilm(film);
        }
        return all;
    }

    private void trouble(Throwable why) {
        session.trouble(Texts.of("shop.not-kept", Texts.reason(why)));
    }
}
