package jurren.core.plan;

import jurren.core.art.Art;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Memo;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.cut.CutRun;
import jurren.core.finish.Press;
import jurren.core.finish.PressSequence;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
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
    private static final int REMEMBERED = 200;

    private record FaceKey(List<Motif> motifs, Placement fit, Map<Colour, Join> joins) {
    }

    private record FaceWork(Art art, List<Layer> layers) {
    }

    private final Chain chain = new Chain();
    private final Memo<FaceKey, FaceWork> faces = new Memo<>(REMEMBERED, this::workFace);
    private final CutRun.Orders orders = new CutRun.Orders();

    public Plan plan(Job job, Shop shop) {
        List<LinePlan> lines = job.lines().stream().map(line -> planLine(line, shop)).toList();
        Loading loading = load(lines, job, shop);
        List<CutRun> runs = loading.loads().parallelStream()
                .map(load -> CutRun.of(load, shop.cutter(), orders)).toList();
        return new Plan(job, shop, lines, runs, new SnagFinder(shop).find(lines, loading), quote(lines, loading, shop));
    }

    /** How many chain stages were worked out in this planner's life. */
    public long stagesComputed() {
        return chain.stagesComputed();
    }

    private LinePlan planLine(Line line, Shop shop) {
        Blank blank = shop.blank(line.blankId())
                .orElseThrow(() -> new IllegalArgumentException("no blank is called \"" + line.blankId() + "\""));
        BlankColour colour = blank.colour(line.blankColourId()).orElse(blank.colours().getFirst());
        Material material = shop.material(line.materialId())
                .orElseThrow(() -> new IllegalArgumentException("no material is called \"" + line.materialId() + "\""));
        Map<String, BuiltMotif> built = new LinkedHashMap<>();
        line.motifs().forEach(m -> built.put(m.id(), chain.build(m)));
        List<BlankSize> wanted = blank.sizes().stream()
                .filter(s -> s.id().equals(line.drawnFor()) || line.entry(s.id()).count() > 0).toList();
        List<SizePlan> sizes = wanted.parallelStream().map(s -> planSize(line, blank, s)).toList();
        SizePlan drawn = sizes.stream().filter(s -> s.size().id().equals(line.drawnFor())).findFirst()
                .orElseThrow(() -> new IllegalArgumentException(blank.name() + " has no size " + line.drawnFor()));
        PressSequence press = PressSequence.of(
                Collections.nCopies(drawn.layers().size(), material.recipe()), blank.cloth());
        return new LinePlan(line, blank, colour, material, built, sizes, press, platen(drawn.area(), shop.press()));
    }

    private SizePlan planSize(Line line, Blank blank, BlankSize size) {
        SizeEntry entry = line.entry(size.id());
        AreaMeasures area = entry.area().orElse(size.area());
        Placement fit = fit(line, blank, size, area);
        FaceWork work = faces.get(new FaceKey(line.motifs(), fit, line.joins()));
        return new SizePlan(size, area, entry.count(), fit, work.art, work.layers);
    }

    /** Scaled about the middle of the area's upper edge, which stays the middle of the upper edge. */
    private Placement fit(Line line, Blank blank, BlankSize size, AreaMeasures area) {
        if (size.id().equals(line.drawnFor())) {
            return Placement.HERE;
        }
        BlankSize from = blank.size(line.drawnFor()).orElse(size);
        AreaMeasures fromArea = line.entry(from.id()).area().orElse(from.area());
        double factor = size.artWidthMm() / from.artWidthMm();
        Optional<Double> wanted = line.entry(size.id()).artWidthMm();
        if (wanted.isPresent()) {
            factor = artOn(line.motifs(), Placement.HERE).bounds()
                    .map(b -> wanted.get() / b.widthMm()).orElse(factor);
        }
        return Placement.moved(0, -fromArea.dropMm()).then(Placement.scaled(factor))
                .then(Placement.moved(0, area.dropMm()));
    }

    private Art artOn(List<Motif> motifs, Placement fit) {
        List<Painted> paints = new ArrayList<>();
        for (Motif m : motifs) {
            Placement onto = m.pose().placement().then(fit);
            chain.build(m).paints().forEach(p -> paints.add(p.placed(onto)));
        }
        return new Art(paints);
    }

    private FaceWork workFace(FaceKey key) {
        Art art = artOn(key.motifs, key.fit);
        return new FaceWork(art, Separation.of(art, c -> key.joins.getOrDefault(c, Join.LAID_OVER)));
    }

    private static Box platen(AreaMeasures area, Press press) {
        Point middle = area.box().centre();
        return Box.ofSize(middle.xMm() - press.platenWidthMm() / 2, middle.yMm() - press.platenHeightMm() / 2,
                press.platenWidthMm(), press.platenHeightMm());
    }

    private static Loading load(List<LinePlan> lines, Job job, Shop shop) {
        List<Loading.Wanted> wanted = new ArrayList<>();
        for (LinePlan line : lines) {
            Map<Colour, List<CutItem>> byColour = new LinkedHashMap<>();
            int copy = 0;
            for (SizePlan size : line.sizes()) {
                for (int i = 0; i < size.count(); i++) {
                    copy++;
                    for (Layer layer : size.layers()) {
                        byColour.computeIfAbsent(layer.colour(), _ -> new ArrayList<>()).add(new CutItem(
                                line.line().id(), size.size().id(), copy, layer,
                                line.material().process().turnedOver()));
                    }
                }
            }
            byColour.forEach((colour, items) -> wanted.add(new Loading.Wanted(line.material(), colour, items)));
        }
        return Loading.of(wanted, shop.shelf(), shop.cutter(), job.framed());
    }

    private static Quote quote(List<LinePlan> lines, Loading loading, Shop shop) {
        double film = loading.loads().stream()
                .mapToDouble(l -> l.usedMm() / 1000 * l.material().pricePerMetre()).sum();
        double hours = lines.stream().mapToDouble(LinePlan::pressSeconds).sum() / 3600;
        return new Quote(film, hours * shop.prices().pressHour(), shop.prices().currency());
    }
}
