package jurren.core.plan;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.finish.Press;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.hold.Verdict;
import jurren.core.job.Shop;
import jurren.core.layer.Print;
import jurren.core.snag.Snag;

/** What would go wrong between the art and the thing: where it lies, what holds on it, where the press closes. */
final class ThingSnags {
    /** Art may touch the edge of its area. */
    private static final double EDGE_SLACK_MM = 0.01;
    /** A wrap overlaps itself by so much at its seam. */
    private static final double SEAM_OVERLAP_MM = 3;

    private final Consumer<Snag> found;

    ThingSnags(Consumer<Snag> found) {
        this.found = found;
    }

    private void found(Snag snag) {
        found.accept(snag);
    }

    void look(LinePlan plan) {
        plan.sizes().forEach(size -> fit(plan, size));
        press(plan);
        holds(plan);
    }

    private void fit(LinePlan plan, SizePlan size) {
        String line = plan.line().id();
        Face face = size.face();
        Box area = face.area().box();
        if (isCovered(area, face.obstacles())) {
            found(new Snag.NoRoom(line, size.id()));
        }
        if (size.artBounds().isEmpty()) {
            return;
        }
        Box art = size.artBounds().get();
        Box whole = face.whole();
        if (isBleed(size, art, whole)) {
            return;
        }
        boolean across = art.widthMm() > whole.widthMm() && !face.isRound();
        if (across || art.heightMm() > whole.heightMm()) {
            found(new Snag.BeyondBlank(
                    line,
                    size.id(),
                    across ? art.widthMm() : art.heightMm(),
                    across ? whole.widthMm() : whole.heightMm(),
                    across));
            return;
        }
        double once = whole.widthMm() + SEAM_OVERLAP_MM;
        if (face.isRound() && art.widthMm() > once) {
            found(new Snag.OverWrap(
                    line,
                    size.id(),
                    art.widthMm() - whole.widthMm(),
                    whole.widthMm(),
                    new Point(art.maxXMm(), art.centre().yMm())));
        }
        boolean blocked = obstacles(line, size, face, area);
        if (!blocked && !area.covers(art, EDGE_SLACK_MM)) {
            found(new Snag.OutsideArea(line, size.id(), over(area, art), furthestOut(size.art(), area)));
        }
        if (size.id().equals(plan.line().drawnFor()) && plan.isPressed()) {
            platen(plan, size, art);
        }
    }

    /** A print with no knife that covers the whole of a flat thing runs on beyond its edge, as it should. */
    private static boolean isBleed(SizePlan size, Box art, Box whole) {
        return !size.face().isRound()
                && size.layers().stream().allMatch(l -> l.isPrint() && !l.isCut())
                && art.covers(whole, EDGE_SLACK_MM)
                && whole.grown(2 * Print.BLEED_MM).covers(art, EDGE_SLACK_MM);
    }

    /** One snag for each kind of thing in the way; true when there was any. */
    private boolean obstacles(String line, SizePlan size, Face face, Box area) {
        Box bounds = size.artBounds().orElseThrow();
        List<Obstacle> near = face.obstacles().stream()
                .filter(o -> o.box().crossed(bounds).isPresent())
                .toList();
        if (near.isEmpty()) {
            return false;
        }
        Region art =
                Region.weld(size.art().paints().stream().map(Painted::region).toList());
        Map<Obstacle.Kind, Region> under = new EnumMap<>(Obstacle.Kind.class);
        for (Obstacle o : near) {
            Region common = art.intersect(o.region());
            if (!common.isEmpty()) {
                under.merge(o.kind(), common, Region::weld);
            }
        }
        under.forEach((kind, region) -> {
            Box b = region.bounds();
            found(new Snag.InTheWay(
                    line,
                    size.id(),
                    kind,
                    Math.min(b.widthMm(), b.heightMm()),
                    largest(region).inside()));
        });
        return !under.isEmpty();
    }

    /** Looked at closely only where the obstacles are large enough to do it. */
    private static boolean isCovered(Box area, List<Obstacle> obstacles) {
        double sum = obstacles.stream()
                .flatMap(o -> o.box().crossed(area).stream())
                .mapToDouble(Box::areaMm2)
                .sum();
        return sum >= area.areaMm2()
                && Region.of(area)
                        .minus(Region.weld(
                                obstacles.stream().map(Obstacle::region).toList()))
                        .isEmpty();
    }

    private static Region largest(Region region) {
        return region.pieces().stream()
                .map(p -> p.region())
                .max(Comparator.comparingDouble(Region::areaMm2))
                .orElse(region);
    }

    private void platen(LinePlan plan, SizePlan size, Box art) {
        String line = plan.line().id();
        int positions = plan.platen().positions().size();
        if (positions == 1 || plan.platen().twice().isEmpty()) {
            return;
        }
        Point where = plan.platen().twice().getFirst().centre();
        if (plan.platen().press().kind() == Press.Kind.FLAT) {
            Box strip = plan.platen().twice().getFirst();
            found(new Snag.SplitPress(line, size.id(), positions, Math.min(strip.widthMm(), strip.heightMm()), where));
        } else {
            Press press = plan.platen().press();
            found(new Snag.BeyondPlaten(
                    line,
                    size.id(),
                    Math.max(art.widthMm() - press.platenWidthMm(), art.heightMm() - press.platenHeightMm()),
                    where));
        }
    }

    /** A press that a person chose is meant. */
    private void press(LinePlan plan) {
        Press.Kind wanted = Shop.suits(plan.blank(), plan.face());
        Press.Kind has = plan.platen().press().kind();
        if (plan.isPressed() && has != wanted && plan.line().thing().pressId().isEmpty()) {
            found(new Snag.NoPress(plan.line().id(), wanted, has));
        }
    }

    private void holds(LinePlan plan) {
        plan.used().forEach(m -> {
            Verdict verdict = plan.holds().get(m.id());
            if (verdict.answer() == Verdict.Answer.DOES_NOT_HOLD) {
                found(new Snag.DoesNotHold(plan.line().id(), m.name(), verdict));
            } else if (verdict.answer() == Verdict.Answer.WITH_CONDITION
                    && !isMet(verdict, plan.platen().press().kind())) {
                found(new Snag.HoldsWithCare(plan.line().id(), m.name(), verdict));
            }
        });
    }

    /** What is done anyway needs nobody's mind. */
    private static boolean isMet(Verdict verdict, Press.Kind press) {
        return switch (verdict.reason()) {
            case TWO_PRESSES -> true;
            case NEEDS_MUG_PRESS -> press == Press.Kind.MUG;
            case NEEDS_OVEN_SLEEVE -> press == Press.Kind.OVEN_SLEEVE;
            case NEEDS_CAP_PRESS -> press == Press.Kind.CAP;
            default -> false;
        };
    }

    private static double over(Box inner, Box art) {
        return Math.max(
                Math.max(inner.minXMm() - art.minXMm(), art.maxXMm() - inner.maxXMm()),
                Math.max(inner.minYMm() - art.minYMm(), art.maxYMm() - inner.maxYMm()));
    }

    private static Point furthestOut(Art art, Box area) {
        return art.paints().stream()
                .map(Painted::region)
                .filter(r -> !area.covers(r.bounds(), 0))
                .map(r -> r.minus(Region.of(area)))
                .filter(r -> !r.isEmpty())
                .map(ThingSnags::largest)
                .max(Comparator.comparingDouble(Region::areaMm2))
                .map(Region::inside)
                .orElseGet(area::centre);
    }
}
