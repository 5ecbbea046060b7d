package jurren.app.trace;

import java.util.Comparator;
import java.util.List;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import jurren.app.desk.Desk;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.art.TooThin;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.stop.Stop;
import jurren.core.trace.Picture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/**
 * Traces beside the window's thread: first the picture made smaller, so that a slider is answered at
 * once, then the whole. Only the newest request counts; one that is overtaken is stopped.
 */
final class TraceWork {
    /** Pixels that are traced within the blink of an eye. */
    private static final int QUICK_PIXELS = 300_000;

    private static final int MOST_INSIDES = 2000;

    private final Desk desk;
    private final Lane tracing;
    private final Lane looking;
    private final Executor window;
    private final Consumer<Result> shown;
    private final Consumer<String> failed;
    private int asked;
    /** Only the thread that traces touches what follows, one at a time. */
    private final Object pictures = new Object();

    private TraceRequest smallOf;
    private Picture whole;
    private Picture small;
    private int times = 1;

    /**
     * What came of a request.
     *
     * @param curves each colour's shapes in the pixels of the straightened picture
     * @param parts  how many separate parts there are
     * @param lost   what will not hold, in the same pixels
     * @param insides a point in each part, for those who have no pointer
     * @param judged whether what will not hold was looked for yet
     */
    record Result(
            TraceRequest request,
            Picture picture,
            Traced traced,
            List<Shown> curves,
            int parts,
            List<Region> lost,
            List<Point> insides,
            boolean judged) {
        record Shown(Colour colour, Curves curves) {}
    }

    /** @param failed told why nothing came of the newest request */
    TraceWork(Desk desk, Executor window, Consumer<Result> shown, Consumer<String> failed) {
        this.desk = desk;
        this.window = window;
        this.tracing = desk.lane();
        this.looking = desk.lane();
        this.shown = shown;
        this.failed = failed;
    }

    void ask(TraceRequest request) {
        int now = ++asked;
        tracing.want(new Order<>(
                Texts.of("work.tracing"),
                _ -> {
                    synchronized (pictures) {
                        Stop.lookHere();
                        straighten(request);
                        if (times > 1) {
                            give(now, quick(request));
                        }
                        Result all = all(request);
                        give(now, all);
                        return withLost(all);
                    }
                },
                shown,
                this::failed));
    }

    /** Looks for the part at a place, which takes a while in a large picture; told on the window's thread. */
    void toggle(Picture picture, TraceSettings settings, Point at, Consumer<TraceSettings> then) {
        looking.want(
                new Order<>(Texts.of("work.part"), _ -> Tracer.toggled(picture, settings, at), then, this::failed));
    }

    private void failed(Throwable why) {
        failed.accept(Texts.reason(why));
    }

    /** On the way to the whole answer. */
    private void give(int now, Result result) {
        window.execute(() -> {
            if (now == asked && !desk.isClosed()) {
                shown.accept(result);
            }
        });
    }

    private void straighten(TraceRequest r) {
        if (smallOf == null
                || !smallOf.file().equals(r.file())
                || !smallOf.straightening().equals(r.straightening())) {
            whole = r.straightened();
            times = (int) Math.ceil(Math.sqrt((double) whole.width() * whole.height() / QUICK_PIXELS));
            small = whole.reduced(times);
            smallOf = r;
        }
    }

    private Result quick(TraceRequest r) {
        Traced t = Tracer.trace(small, r.settings().reduced(times));
        return result(r, t, Placement.scaled(times));
    }

    private Result all(TraceRequest r) {
        Traced t = Tracer.trace(whole, r.settings());
        return result(r, t, Placement.HERE);
    }

    private Result result(TraceRequest r, Traced t, Placement scale) {
        List<Result.Shown> curves = t.flats().stream()
                .map(f -> new Result.Shown(f.colour(), f.curves().placed(scale)))
                .toList();
        int parts = curves.stream()
                .mapToInt(s -> s.curves().enclosed().pieceCount())
                .sum();
        return new Result(r, whole, t, curves, parts, List.of(), List.of(), false);
    }

    private static Result withLost(Result r) {
        double leastPx = r.request.leastMm() / r.request.mmPerPx();
        List<Region> lost = r.curves.stream()
                .flatMap(s -> TooThin.of(s.curves().enclosed(), leastPx).stream())
                .toList();
        return new Result(r.request, r.picture, r.traced, r.curves, r.parts, lost, insides(r), true);
    }

    private static List<Point> insides(Result r) {
        return r.curves.stream()
                .flatMap(s -> s.curves().enclosed().pieces().stream())
                .limit(MOST_INSIDES)
                .map(p -> p.region().inside())
                .sorted(Comparator.comparingDouble(Point::yMm).thenComparingDouble(Point::xMm))
                .toList();
    }

    void close() {
        asked++;
        tracing.stop();
        looking.stop();
    }
}
