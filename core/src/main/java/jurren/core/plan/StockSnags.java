package jurren.core.plan;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.layer.Fabrication;
import jurren.core.load.CutItem;
import jurren.core.load.KeptLayout;
import jurren.core.load.Load;
import jurren.core.load.Loading;
import jurren.core.snag.Snag;

/** What would go wrong with film and paper, which all lines share. */
final class StockSnags {
    private final Shop shop;
    private final Map<Snag, Integer> found = new LinkedHashMap<>();
    /** The place that is looked at. */
    private int at;

    StockSnags(Shop shop) {
        this.shop = shop;
    }

    private void found(Snag snag) {
        found.putIfAbsent(snag, at);
    }

    /** Each with the place of its line. */
    Map<Snag, Integer> find(Job job, List<LinePlan> lines, Loading loading, List<PrintSheet> prints) {
        missingPlaces(job);
        rolls(lines, loading, job.framed());
        laidAnew(loading);
        paper(prints);
        return found;
    }

    /** A print that is wider than the paper both ways stands alone on a sheet that there is not. */
    private void paper(List<PrintSheet> prints) {
        prints.stream()
                .filter(p -> !p.isCut() && p.widthMm() > shop.printer().widthMm() + 1e-6)
                .flatMap(p -> p.slots().stream().limit(1))
                .forEach(s -> found(new Snag.NotOnPaper(
                        s.lineId(),
                        s.size(),
                        Math.min(s.box().widthMm(), s.box().heightMm()),
                        shop.printer().widthMm() - 2 * shop.printer().edgeMm())));
    }

    /** Art on a face that the thing has not: kept, but not made. */
    private void missingPlaces(Job job) {
        for (Line line : job.lines()) {
            for (int i = 0; i < line.places().size(); i++) {
                if (line.places().size() > 1 && !Planner.isThere(line.at(i), shop)) {
                    found(new Snag.NoSuchPlace(line.id(), line.places().get(i).faceId()));
                }
            }
        }
    }

    private void rolls(List<LinePlan> lines, Loading loading, boolean framed) {
        for (CutItem item : loading.unlaid()) {
            at = placeOf(lines, item);
            Box b = item.layer().region().bounds();
            double width = shop.cutter().usableMm(shop.cutter().widthMm());
            double frame = Loading.frameMm(framed && item.layer().making().cut() == Fabrication.Cut.KISS);
            double along = shop.cutter().usableAlongMm();
            double longer = Math.max(b.widthMm(), b.heightMm()) + frame;
            double shorter = Math.min(b.widthMm(), b.heightMm()) + frame;
            found(
                    shop.cutter().isOnMats()
                            ? new Snag.NotOnMat(
                                    item.lineId(),
                                    item.layer().order(),
                                    item.size(),
                                    longer,
                                    shorter,
                                    Math.max(along, width),
                                    Math.min(along, width),
                                    frame)
                            : new Snag.NotOnRoll(
                                    item.lineId(), item.layer().order(), item.size(), shorter, width, frame));
        }
        Load.offRolls(loading.loads()).forEach((roll, mm) -> {
            if (mm > roll.lengthMm()) {
                Load load = loading.loads().stream()
                        .filter(l -> l.roll().filter(roll::equals).isPresent())
                        .findFirst()
                        .orElseThrow();
                found(new Snag.RollTooShort(
                        load.placed().getFirst().item().lineId(),
                        load.order(),
                        load.material().colourName(load.colour()),
                        mm,
                        roll.lengthMm()));
            }
        });
    }

    /** A tighter layout that was taken lay on other film. */
    private void laidAnew(Loading loading) {
        for (KeptLayout kept : loading.displaced()) {
            Load load = loading.loads().stream()
                    .filter(l -> l.material().id().equals(kept.materialId())
                            && l.colour().equals(kept.colour()))
                    .findFirst()
                    .orElse(null);
            if (load != null) {
                List<String> gone = kept.stock().stream()
                        .filter(id -> shop.shelf().stream().noneMatch(s -> s.id().equals(id)))
                        .toList();
                found(new Snag.LaidAnew(
                        load.placed().getFirst().item().lineId(),
                        load.material().colourName(load.colour()),
                        gone));
            }
        }
    }

    private static int placeOf(List<LinePlan> lines, CutItem item) {
        return lines.stream()
                .filter(l -> l.line().id().equals(item.lineId()) && l.place().equals(item.place()))
                .mapToInt(l -> l.line().at())
                .findFirst()
                .orElse(0);
    }
}
