package jurren.core.plan;

import jurren.core.art.Art;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.memo.Memo;
import jurren.core.stop.Stop;
import jurren.core.art.Motif;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.Surface;
import jurren.core.cut.CutRun;
import jurren.core.finish.DyePress;
import jurren.core.finish.FilmPress;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.PlatenPlan;
import jurren.core.finish.Press;
import jurren.core.finish.StencilWork;
import jurren.core.finish.TableWork;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Separation;
import jurren.core.load.CutItem;
import jurren.core.load.Loading;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.material.Process;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

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
    private static final int MOST_LARGE = 8;

    private record FaceKey(List<Motif> motifs, Placement fit, Optional<Double> trueAtMm, Surface surface, boolean printed,
                           Map<Colour, Join> joins) {
    }

    private record ShapesKey(Face face, List<Layer> layers) {
    }

    private record FaceWork(Art art, Art laid, List<Layer> layers) {
    }

    private final Chain chain = new Chain();
    private final Memo<List<Motif>, Art> arts = new Memo<>(1, motifs -> chain.art(motifs, Placement.HERE), (motifs, art, scale) -> {
        motifs.forEach(m -> m.source().weigh(scale));
        art.weigh(scale);
    });
    private final Memo<FaceKey, FaceWork> faces = new Memo<>(MOST_LARGE, this::workFace, (key, work, scale) -> {
        key.motifs.forEach(m -> m.source().weigh(scale));
        work.art.weigh(scale);
        work.laid.weigh(scale);
        work.layers.forEach(l -> l.weigh(scale));
    });
    private final Memo<ShapesKey, FaceShapes> shapes = new Memo<>(MOST_LARGE, key -> FaceShapes.of(key.face, key.layers), (key, drawn, scale) -> {
        key.layers.forEach(l -> l.weigh(scale));
        drawn.weigh(scale);
    });
    private final CutRun.Orders orders = new CutRun.Orders();

    public Plan plan(Job job, Shop of) {
        Shop shop = of.knowing(job.carried());
        Stop stop = Stop.here();
        List<LinePlan> lines = job.lines().stream().map(line -> planLine(line, shop, stop)).toList();
        stop.look();
        Loading loading = load(lines, job, shop);
        List<CutRun> runs = loading.loads().parallelStream().map(load -> {
            stop.look();
            return CutRun.of(load, shop.cutter(), orders);
        }).toList();
        stop.look();
        return new Plan(job, shop, lines, runs, prints(lines), new SnagFinder(shop).find(lines, loading),
                quote(lines, loading, shop));
    }

    /** How many chain stages were worked out in this planner's life. */
    public long stagesComputed() {
        return chain.stagesComputed();
    }

    private LinePlan planLine(Line line, Shop shop, Stop stop) {
        Blank blank = shop.blank(line.blankId())
                .orElseThrow(() -> new IllegalArgumentException("no blank is called \"" + line.blankId() + "\""));
        BlankColour colour = blank.colourOrFirst(line.thing().colourId());
        Material material = shop.material(line.materialId())
                .orElseThrow(() -> new IllegalArgumentException("no material is called \"" + line.materialId() + "\""));
        Map<String, BuiltMotif> built = new LinkedHashMap<>();
        for (Motif m : line.motifs()) {
            stop.look();
            built.put(m.id(), chain.build(m, line.motifs()));
        }
        List<BlankSize> wanted = blank.sizes().stream()
                .filter(s -> s.id().equals(line.drawnFor()) || line.entry(s.id()).count() > 0).toList();
        Face drawnFace = face(line, blank.size(line.drawnFor()).orElseThrow(() -> new IllegalArgumentException(
                blank.name() + " has no size " + line.drawnFor())));
        SizePlan drawn = planSize(line, material, drawnFace, drawnFace, Optional.empty(), line.drawnFor());
        List<SizePlan> sizes = wanted.parallelStream().map(s -> {
            stop.look();
            return s.id().equals(line.drawnFor()) ? drawn : planSize(line, material, drawnFace, face(line, s), drawn.artBounds(), s.id());
        }).toList();
        PlatenPlan platen = platen(drawn, shop.pressFor(line.thing(), blank, drawn.face()));
        return new LinePlan(line, blank, colour, material, built, sizes, finish(material, blank, drawn, platen), platen,
                WhatHolds.of(material, blank.madeOf(), colour, drawn.face()));
    }

    /** The face of a size as this order measured it. */
    static Face face(Line line, BlankSize size) {
        return line.entry(size.id()).asMeasured(size.faceOrUsual(line.thing().faceId()))
                .withTrueAt(line.thing().trueAtMm());
    }

    private SizePlan planSize(Line line, Material material, Face from, Face face, Optional<Box> drawnArt, String size) {
        SizeEntry entry = line.entry(size);
        Placement fit = size.equals(line.drawnFor()) ? Placement.HERE
                : drawnArt.map(art -> line.fit().between(from, face, art, entry.artWidthMm())).orElse(Placement.HERE);
        FaceWork work = faces.get(new FaceKey(line.motifs(), fit, face.trueAt(), face.surface(),
                material.process().isPrinted(), line.joins()));
        return new SizePlan(size, face, entry.count(), fit, work.art, work.laid, work.layers,
                shapes.get(new ShapesKey(face, work.layers)));
    }

    private FaceWork workFace(FaceKey key) {
        Art art = arts.get(key.motifs).placed(key.fit);
        Art laid = art.warped(Face.unrolling(key.surface, key.trueAtMm));
        Map<Colour, Region> seen = key.printed ? laid.seen() : Map.of();
        List<Layer> layers = !key.printed
                ? Separation.of(laid, c -> key.joins.getOrDefault(c, Join.LAID_OVER))
                : seen.isEmpty() ? List.of() : List.of(Layer.printed(seen));
        return new FaceWork(art, laid, layers);
    }

    private static PlatenPlan platen(SizePlan drawn, Press press) {
        Box usual = drawn.area().box();
        return PlatenPlan.of(press, drawn.artBounds().orElse(usual), usual);
    }

    private static FinishSequence finish(Material material, Blank blank, SizePlan drawn, PlatenPlan platen) {
        int layers = drawn.layers().size();
        int positions = platen.positions().size();
        return material.recipe().map(r -> layers == 0 ? FilmPress.of(List.of(), blank.madeOf(), 1)
                : material.process().isPrinted()
                ? DyePress.of(r, blank.madeOf(), platen.press().kind() == Press.Kind.OVEN_SLEEVE, positions)
                : FilmPress.of(Collections.nCopies(layers, r), blank.madeOf(), positions))
                .orElseGet(() -> material.process() == Process.RIGID_STENCIL ? StencilWork.of(layers) : TableWork.of(layers));
    }

    private static List<PrintSheet> prints(List<LinePlan> lines) {
        List<PrintSheet> sheets = new ArrayList<>();
        for (LinePlan line : lines) {
            for (SizePlan size : line.sizes()) {
                if (size.count() > 0) {
                    size.layers().stream().filter(Layer::isPrint).forEach(layer -> sheets.add(new PrintSheet(
                            sheets.size() + 1, line.line().id(), size.id(), size.count(), layer,
                            line.material().process().turnedOver())));
                }
            }
        }
        return sheets;
    }

    private static Loading load(List<LinePlan> lines, Job job, Shop shop) {
        List<Loading.Wanted> wanted = new ArrayList<>();
        for (LinePlan line : lines) {
            Map<Colour, List<CutItem>> byColour = new LinkedHashMap<>();
            int copy = 0;
            for (SizePlan size : line.sizes()) {
                for (int i = 0; i < size.count(); i++) {
                    copy++;
                    for (Layer layer : size.layers().stream().filter(l -> !l.isPrint()).toList()) {
                        byColour.computeIfAbsent(layer.colour(), _ -> new ArrayList<>()).add(new CutItem(
                                line.line().id(), size.id(), copy, layer,
                                line.material().process().turnedOver()));
                    }
                }
            }
            byColour.forEach((colour, items) -> wanted.add(new Loading.Wanted(line.material(), colour, items)));
        }
        return Loading.of(wanted, shop.shelf(), shop.cutter(), job.framed());
    }

    private static Quote quote(List<LinePlan> lines, Loading loading, Shop shop) {
        double film = lines.stream().filter(l -> l.material().process().isPrinted()).mapToDouble(Planner::paper).sum()
                + loading.loads().stream()
                .mapToDouble(l -> l.usedMm() / 1000 * l.material().pricePerMetre()).sum();
        double hours = lines.stream().mapToDouble(LinePlan::finishSeconds).sum() / 3600;
        return new Quote(film, hours * shop.prices().pressHour(), shop.prices().currency());
    }

    /** Printed paper by the metre of its longer side. */
    private static double paper(LinePlan line) {
        return line.sizes().stream().flatMap(s -> s.layers().stream().map(l -> s.count() * l.region().bounds().widthMm()))
                .mapToDouble(mm -> mm / 1000 * line.material().pricePerMetre()).sum();
    }
}
