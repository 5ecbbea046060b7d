package jurren.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jurren.core.art.Art;
import jurren.core.art.Backing;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Source;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Fit;
import jurren.core.blank.Surface;
import jurren.core.cut.CutRun;
import jurren.core.finish.LayerOverlaps;
import jurren.core.finish.PlatenPlan;
import jurren.core.finish.PressSolver;
import jurren.core.finish.Pressing;
import jurren.core.finish.Solved;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Prices;
import jurren.core.job.Progress;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Panels;
import jurren.core.layer.Part;
import jurren.core.layer.Separation;
import jurren.core.layer.Stack;
import jurren.core.load.CutItem;
import jurren.core.load.Load;
import jurren.core.load.Loading;
import jurren.core.load.Nesting;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.material.Recipe;
import jurren.core.memo.Memo;
import jurren.core.memo.Memory;
import jurren.core.snag.Flaws;
import jurren.core.snag.Inspection;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;
import jurren.core.way.known.Ways;

/**
 * Works a job out.
 *
 * <ol>
 *   <li>Each motif is built, around its own origin ({@link Chain}).
 *   <li>For each size the art is put on its face, in the proportion of the suggested art widths.
 *   <li>It is separated into layers, which are laid out on rolls with those of all other lines.
 *   <li>Each load gets its knife paths, each line its press steps, and all is looked over for snags.
 * </ol>
 *
 * <p>Every stage remembers by value what it worked out, so one planner should live as long as the
 * window. It is safe to use from several threads.
 */
public final class Planner {
    /** Faces of large art are remembered for one plan, not for each place the art was moved through. */
    private static final int MOST_LARGE = 6;

    private record FaceKey(
            List<Motif> motifs,
            Placement fit,
            Optional<Double> trueAtMm,
            Surface surface,
            String usualId,
            Map<String, Material> materials,
            Map<Film, Join> joins,
            Map<String, Edging> edgings,
            Map<Film, Panels> panels,
            Optional<Double> lineUpMm,
            boolean trimmed) {}

    private record ShapesKey(Face face, List<Layer> layers) {}

    private record FaceWork(
            Art art, Art laid, List<Layer> layers, double thickestMm, Flaws flaws, Finisher.Facts finish) {}

    private final Chain chain = new Chain();
    private final Memo<List<Motif>, Art> arts =
            new Memo<>(1, motifs -> chain.art(motifs, Placement.HERE), (motifs, art, scale) -> {
                motifs.forEach(m -> m.source().weigh(scale));
                art.weigh(scale);
            });
    private final Memo<FaceKey, FaceWork> faces = new Memo<>(MOST_LARGE, this::workFace, (key, work, scale) -> {
        key.motifs.forEach(m -> m.source().weigh(scale));
        work.art.weigh(scale);
        work.laid.weigh(scale);
        work.layers.forEach(l -> l.weigh(scale));
    });
    private final Memo<ShapesKey, FaceShapes> shapes =
            new Memo<>(MOST_LARGE, key -> FaceShapes.of(key.face, key.layers), (key, drawn, scale) -> {
                key.layers.forEach(l -> l.weigh(scale));
                drawn.weigh(scale);
            });
    private final Memo<Pressing, Solved> solving = new Memo<>(
            PressSolver::solve,
            (pressing, solved, scale) -> scale.add(
                    pressing,
                    400L * (1 + pressing.layers().size() + solved.closings().size())));
    private final CutRun.Orders orders = new CutRun.Orders();
    private final Nesting nesting = new Nesting();
    private final Inspection inspection = new Inspection();
    private final SnagFinder snags = new SnagFinder(chain);

    /** A part of the work, in the order in which they follow each other. */
    public enum Stage {
        LINES,
        LAYING,
        KNIFE,
        PRINTS,
        SNAGS,
        QUOTE
    }

    public Plan plan(Job job, Shop of) {
        return plan(job, of, _ -> {});
    }

    /** @param over told when a stage is over, for whoever measures */
    public Plan plan(Job job, Shop of, Consumer<Stage> over) {
        Shop shop = of.knowing(job.carried());
        Stop stop = Stop.here();
        Memory.ofProcess().expectLargeBeside(facesBeside(job));
        List<LinePlan> lines = job.lines().stream()
                .flatMap(line -> places(line, shop))
                .map(line -> planLine(line, shop, job.framed(), job.made(), stop))
                .toList();
        stop.look();
        over.accept(Stage.LINES);
        Loading loading = load(lines, job, shop);
        over.accept(Stage.LAYING);
        List<CutRun> runs = loading.loads().parallelStream()
                .map(load -> {
                    stop.look();
                    return CutRun.of(load, shop.cutter(), orders);
                })
                .toList();
        stop.look();
        over.accept(Stage.KNIFE);
        List<PrintSheet> prints = PrintSheets.of(lines, loading.loads(), shop.printer(), nesting);
        over.accept(Stage.PRINTS);
        Map<Snag, Integer> found = snags.find(job, lines, loading, prints, shop);
        over.accept(Stage.SNAGS);
        Quote quote = quote(lines, loading, prints, shop);
        over.accept(Stage.QUOTE);
        return new Plan(job, shop, lines, loading.requests(), runs, prints, found, quote);
    }

    /** How many faces there are beside those of the line with the most. */
    private static int facesBeside(Job job) {
        List<Integer> faces = job.lines().stream()
                .map(l -> l.places().size()
                        * Math.max(1, (int)
                                l.sizes().stream().filter(s -> s.count() > 0).count()))
                .sorted()
                .toList();
        return faces.stream()
                .limit(Math.max(0, faces.size() - 1))
                .mapToInt(Integer::intValue)
                .sum();
    }

    /** The layouts known to this planner, for whoever has time to look for better ones. */
    public Nesting nesting() {
        return nesting;
    }

    /** How many chain stages were worked out in this planner's life. */
    public long stagesComputed() {
        return chain.stagesComputed();
    }

    /**
     * A line as seen from each of its places that the thing has; where it has none, the first goes onto its usual face.
     */
    private static Stream<Line> places(Line line, Shop shop) {
        List<Line> there = IntStream.range(0, line.places().size())
                .mapToObj(line::at)
                .filter(l -> isThere(l, shop))
                .toList();
        return there.isEmpty() ? Stream.of(line.at(0)) : there.stream();
    }

    /** What must be pressed last is on the place that is pressed last; otherwise they go in the order of the line. */
    private static boolean isFirstPressed(Line line, Shop shop) {
        List<Line> order = places(line, shop)
                .sorted(Comparator.comparing((Line l) -> hasLast(l, shop)).thenComparingInt(l -> l.at()))
                .toList();
        return order.getFirst().at() == line.at();
    }

    private static boolean hasLast(Line line, Shop shop) {
        return line.materials().stream()
                .flatMap(id -> shop.material(id).stream())
                .anyMatch(m -> m.recipe().filter(Recipe::once).isPresent());
    }

    static boolean isThere(Line line, Shop shop) {
        return line.thing().faceId().isEmpty()
                || shop.blank(line.blankId())
                        .flatMap(b -> b.reference().face(line.thing().faceId()))
                        .isPresent();
    }

    private LinePlan planLine(Line line, Shop shop, boolean framed, Progress made, Stop stop) {
        Blank blank = shop.blank(line.blankId())
                .orElseThrow(() -> new IllegalArgumentException("no blank is called \"" + line.blankId() + "\""));
        BlankColour colour = blank.colourOrFirst(line.thing().colourId());
        Map<String, BuiltMotif> built = new LinkedHashMap<>();
        for (Motif m : line.motifs()) {
            stop.look();
            built.put(m.id(), chain.build(m, line.motifs()));
        }
        List<BlankSize> wanted = blank.sizes().stream()
                .filter(s ->
                        s.id().equals(line.drawnFor()) || line.entry(s.id()).count() > 0)
                .toList();
        Face drawnFace = face(
                line,
                blank.size(line.drawnFor())
                        .orElseThrow(
                                () -> new IllegalArgumentException(blank.name() + " has no size " + line.drawnFor())));
        Map<String, Material> materials = new LinkedHashMap<>();
        for (String id : line.materials()) {
            materials.put(
                    id,
                    shop.material(id)
                            .orElseThrow(() -> new IllegalArgumentException("no material is called \"" + id + "\"")));
        }
        Fit.OnFilm film = shop.onFilm(line.materialId()).less(Loading.frameMm(framed));
        Finisher finisher = new Finisher(shop, blank, colour, line, made, isFirstPressed(line, shop), solving);
        Optional<Box> drawnArt =
                art(faceKey(line, materials, Placement.HERE, drawnFace)).bounds();
        List<SizePlan> sizes = wanted.parallelStream()
                .map(s -> {
                    stop.look();
                    Face face = s.id().equals(line.drawnFor()) ? drawnFace : face(line, s);
                    return planSize(line, materials, drawnFace, face, drawnArt, s.id(), film, finisher);
                })
                .toList();
        SizePlan drawn = sizes.stream()
                .filter(s -> s.id().equals(line.drawnFor()))
                .findFirst()
                .orElseThrow();
        Map<String, Verdict> holds = new LinkedHashMap<>();
        materials.forEach((id, m) -> holds.put(id, WhatHolds.of(m, blank.madeOf(drawn.face()), colour, drawn.face())));
        return new LinePlan(line, blank, colour, materials, built, sizes, holds);
    }

    /** The face of a size as this order measured it. */
    static Face face(Line line, BlankSize size) {
        return line.entry(size.id())
                .asMeasured(size.faceOrUsual(line.thing().faceId()))
                .withTrueAt(line.thing().trueAtMm());
    }

    private SizePlan planSize(
            Line line,
            Map<String, Material> materials,
            Face from,
            Face face,
            Optional<Box> drawnArt,
            String size,
            Fit.OnFilm film,
            Finisher finisher) {
        SizeEntry entry = line.entry(size);
        Placement fit = size.equals(line.drawnFor())
                ? Placement.HERE
                : drawnArt.map(art -> line.fit().between(from, face, art, entry.artWidthMm(), film))
                        .orElse(Placement.HERE);
        FaceWork work = faces.get(faceKey(line, materials, fit, face));
        PlatenPlan platen = finisher.platen(face, work.art, work.layers);
        return new SizePlan(
                size,
                face,
                entry.count(),
                finisher.made().spoiled(line.id(), size),
                fit,
                work.art,
                work.laid,
                work.layers,
                shapes.get(new ShapesKey(face, work.layers)),
                work.thickestMm,
                work.flaws,
                platen,
                finisher.finish(face, work.layers, work.finish, platen));
    }

    private static FaceKey faceKey(Line line, Map<String, Material> materials, Placement fit, Face face) {
        return new FaceKey(
                line.motifs(),
                fit,
                face.trueAt(),
                face.surface(),
                line.materialId(),
                materials,
                line.joins(),
                line.edgings(),
                line.panels(),
                line.lineUpMm(),
                line.trimmed());
    }

    /** As it is made, on the face. */
    private Art art(FaceKey key) {
        boolean kept = Ways.of(key.materials.get(key.usualId)).keepsWidths() && !key.fit.equals(Placement.HERE);
        Art made = kept
                ? chain.art(sized(key.motifs, key.fit), Placement.HERE)
                : arts.get(key.motifs).placed(key.fit);
        return asMade(made.madeOf(key.usualId), key.materials);
    }

    private FaceWork workFace(FaceKey key) {
        Art art = art(key);
        Warp unrolling = Face.unrolling(key.surface, key.trueAtMm);
        Art laid = art.warped(unrolling, Face.back(unrolling));
        if (laid.isEmpty()) {
            return new FaceWork(art, laid, List.of(), 0, Flaws.NONE, Finisher.Facts.NONE);
        }
        List<Part> parts = Separation.of(
                laid,
                p -> Ways.of(key.materials.get(p.film().materialId())).isOnePrint()
                        ? Film.print(p.film().materialId())
                        : p.film(),
                f -> key.joins.getOrDefault(f, Join.LAID_OVER));
        List<Layer> layers = Ways.layers(
                parts,
                key.materials::get,
                m -> Ways.edging(m, key.edgings),
                key.panels,
                laid.bounds().orElseThrow(),
                key.lineUpMm);
        return new FaceWork(
                art,
                laid,
                layers,
                Stack.thickestMm(layers),
                inspection.of(layers),
                Finisher.Facts.of(
                        layers, key.trimmed ? LayerOverlaps.trimmed(nesting::carrier) : LayerOverlaps::asCutOff));
    }

    /** Each source as large as the fit makes it, where it puts it; what is done to them in millimetres stays so. */
    private static List<Motif> sized(List<Motif> motifs, Placement fit) {
        double factor = Math.sqrt(Math.abs(fit.determinant()));
        return motifs.stream()
                .map(m -> {
                    Point at = fit.apply(new Point(m.pose().xMm(), m.pose().yMm()));
                    // what follows another motif is as large as that one by itself
                    Source source = m.source() instanceof Mark || m.source() instanceof Backing
                            ? m.source()
                            : m.source().resized(factor, factor);
                    return m.withSource(source)
                            .withPose(new Pose(at.xMm(), at.yMm(), m.pose().degrees()));
                })
                .toList();
    }

    /** A knife leaves nothing of pictures and shadows, and of shades their colour alone. */
    private static Art asMade(Art art, Map<String, Material> materials) {
        return art.paints().stream().allMatch(p -> p.ink().isEmpty())
                ? art
                : new Art(art.paints().stream()
                        .filter(p -> !p.isOnlyInk() || isPrinted(p, materials))
                        .map(p -> isPrinted(p, materials) ? p : p.flat())
                        .toList());
    }

    private static boolean isPrinted(Painted p, Map<String, Material> materials) {
        return Ways.of(materials.get(p.film().materialId())).isOnePrint();
    }

    private record Stock(Material material, Colour colour) {}

    private Loading load(List<LinePlan> lines, Job job, Shop shop) {
        List<Loading.Wanted> wanted = new ArrayList<>();
        for (LinePlan line : lines) {
            Map<Stock, List<CutItem>> byStock = new LinkedHashMap<>();
            int copy = 0;
            for (SizePlan size : line.sizes()) {
                copy = cut(line, size, copy, size.count(), byStock);
            }
            // what is made again comes last, so that nobody's number changes
            for (SizePlan size : line.sizes()) {
                copy = cut(line, size, copy, size.again(), byStock);
            }
            byStock.forEach((stock, items) -> wanted.add(new Loading.Wanted(stock.material, stock.colour, items)));
        }
        return Loading.of(wanted, shop.shelf(), shop.cutter(), job.framed(), job.laying(), nesting);
    }

    private static int cut(LinePlan line, SizePlan size, int before, int pieces, Map<Stock, List<CutItem>> byStock) {
        for (int copy = before + 1; copy <= before + pieces; copy++) {
            for (Layer layer : size.layers().stream().filter(Layer::isCut).toList()) {
                byStock.computeIfAbsent(new Stock(layer.material(), layer.stock()), _ -> new ArrayList<>())
                        .add(new CutItem(line.line().id(), line.place(), size.id(), copy, layer));
            }
        }
        return before + pieces;
    }

    private static Quote quote(List<LinePlan> lines, Loading loading, List<PrintSheet> prints, Shop shop) {
        double film = prints.stream().mapToDouble(Planner::paper).sum()
                + loading.loads().stream().mapToDouble(Load::filmMoney).sum();
        double hours = lines.stream().mapToDouble(LinePlan::finishSeconds).sum() / 3600;
        Prices p = shop.prices();
        double ink = prints.stream()
                        .mapToDouble(s -> s.times()
                                * s.slots().stream()
                                        .mapToDouble(slot -> slot.inked().areaMm2())
                                        .sum())
                        .sum()
                / 1e6
                * p.inkPerM2();
        double things = lines.stream()
                        .filter(l -> l.line().at()
                                == lines.stream()
                                        .filter(o ->
                                                o.line().id().equals(l.line().id()))
                                        .findFirst()
                                        .orElseThrow()
                                        .line()
                                        .at())
                        .mapToDouble(l -> l.line().copies())
                        .sum()
                * p.thing();
        double cost = film * (1 + p.wasteShare()) + hours * p.pressHour() + things + ink;
        return new Quote(
                film * (1 + p.wasteShare()), hours * p.pressHour(), things, ink, cost * p.marginShare(), p.currency());
    }

    /** What is printed and then cut is counted with its load. */
    private static double paper(PrintSheet sheet) {
        return sheet.isCut()
                ? 0
                : sheet.times() * sheet.heightMm() / 1000 * sheet.material().pricePerMetre();
    }
}
