package jurren.app.session;

import java.nio.file.Path;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.load.Load;
import jurren.core.load.Offcut;
import jurren.core.load.Promise;
import jurren.core.load.Remainder;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Material;

/** What hangs and lies on the shop's shelf, changed beside the window and kept in the person's folder. */
public final class ShelfDesk {
    private final Session session;
    private List<Promise> promises = List.of();
    private Promise told;

    ShelfDesk(Session session) {
        this.session = session;
    }

    public List<Stock> stock() {
        return session.shop().shelf();
    }

    /** Changes what the shelf's file says now; {@code then} is told the shelf as it was and as it is. */
    public void change(UnaryOperator<List<Stock>> change, Runnable then) {
        session.desk()
                .give(new Order<>(
                                Texts.of("work.shelf"),
                                _ -> session.shopFolder().shelf().change(change),
                                after -> {
                                    session.useShop(session.shop().withShelf(after));
                                    then.run();
                                },
                                why -> session.notices().trouble(Texts.of("shelf.not-kept", Texts.reason(why))))
                        .finishing());
    }

    /** One piece for another, or for none, with a way back. */
    public void put(Optional<Stock> instead, Optional<Stock> now, String sentence) {
        change(
                all -> replaced(all, instead, now),
                () -> session.notices()
                        .say(
                                sentence,
                                Texts.of("shelf.back"),
                                () -> change(all -> replaced(all, now, instead), () -> {})));
    }

    private static List<Stock> replaced(List<Stock> all, Optional<Stock> was, Optional<Stock> is) {
        List<Stock> after = new ArrayList<>(all);
        int at = was.map(after::indexOf).orElse(-1);
        if (at >= 0) {
            after.remove(at);
        }
        is.ifPresent(s -> after.add(at >= 0 ? at : after.size(), s));
        return after;
    }

    /** A name for the next offcut. */
    public String freeName() {
        for (int n = 1; ; n++) {
            String name = "no " + n;
            if (stock().stream().noneMatch(s -> s.id().equals(name))) {
                return name;
            }
        }
    }

    public static String today() {
        return LocalDate.now().format(DateTimeFormatter.ISO_LOCAL_DATE);
    }

    /**
     * A load was cut: its film leaves the shelf, what is left of a roll hangs there again, a large enough rest is
     * offered.
     *
     * @param behindMm of a roll that went before it, because something was tried there
     */
    public void cut(Load load, double behindMm) {
        Remainder left = Remainder.of(load, freeName(), today());
        Optional<Stock> was = stock().stream().filter(load.shelved()::equals).findFirst();
        String film = name(load.shelved());
        if (was.isPresent()) {
            Optional<Stock> now = left.roll()
                    .map(r -> r.withLength(r.lengthMm() - behindMm))
                    .filter(Roll::isThere)
                    .map(Stock.class::cast);
            put(
                    was,
                    now,
                    load.roll().isPresent()
                            ? Texts.of(
                                    "shelf.taken",
                                    session.unit().film(load.usedMm()),
                                    film,
                                    session.unit().film(now.map(Stock::lengthMm).orElse(0.0)))
                            : Texts.of("shelf.taken-offcut", load.shelved().id(), film));
        }
        left.offcut()
                .ifPresent(o -> session.notices()
                        .say(
                                Texts.of(
                                        "shelf.left",
                                        session.unit().format(o.lengthMm()),
                                        session.unit().format(o.widthMm()),
                                        film),
                                Texts.of("shelf.keep"),
                                () -> keep(o)));
    }

    /** Under the next free name. */
    public void keep(Offcut o) {
        Offcut named = o.named(freeName());
        put(Optional.empty(), Optional.of(named), Texts.of("shelf.kept", named.id(), name(named)));
    }

    /** Colour and material, as they are sold. */
    public String name(Stock s) {
        Optional<Material> m = session.shop().material(s.materialId());
        return m.map(x -> x.colourName(s.colour()) + ", " + x.name()).orElse(s.materialId());
    }

    /** What this job promises of a piece, as far as it is not cut yet. */
    public double promisedHereMm(Stock s) {
        return session.plan().stream()
                .flatMap(p -> p.runs().stream())
                .filter(r -> s.equals(r.load().shelved()))
                .mapToDouble(r -> r.load().usedMm())
                .sum();
    }

    /** What open jobs promise of a piece: this one and all others that are kept. */
    public double promisedMm(Stock s) {
        return promisedHereMm(s)
                + promisedElsewhere(s).stream().mapToDouble(p -> p.ofMm(s)).sum();
    }

    /** By which other jobs something of a piece is promised. */
    public List<Promise> promisedElsewhere(Stock s) {
        String here = session.files().file().map(ShelfDesk::known).orElse("");
        return promises.stream()
                .filter(p -> !p.file().equals(here) && p.ofMm(s) > 0)
                .toList();
    }

    private static String known(Path file) {
        return file.toAbsolutePath().normalize().toString();
    }

    /** Other windows, and other jobs before, may have promised something. */
    public void lookAgain() {
        session.desk()
                .give(new Order<>(
                        Texts.of("work.shelf"),
                        _ -> session.shopFolder().promises().read(),
                        this::promised,
                        _ -> {}));
    }

    private void promised(List<Promise> all) {
        if (!all.equals(promises)) {
            promises = all;
            session.tell();
        }
    }

    /** A job that is kept as it stands promises what it will take; told once for each change. */
    void promise() {
        if (session.files().file().isEmpty() || session.files().isUnsaved() || !session.isSettled()) {
            return;
        }
        session.plan().ifPresent(plan -> {
            Promise mine = Promise.of(
                    known(session.files().file().orElseThrow()),
                    session.job().name(),
                    plan.runs().stream().map(CutRun::load).toList(),
                    stock());
            if (!mine.equals(told)) {
                told = mine;
                // what cannot be written is only missing beside other jobs, and is tried again with the next change
                session.desk()
                        .give(new Order<>(
                                        Texts.of("work.shelf"),
                                        _ -> session.shopFolder().promises().put(mine),
                                        this::promised,
                                        _ -> told = null)
                                .finishing());
            }
        });
    }
}
