package jurren.core.load;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/**
 * One loading of the cutter: a piece of film and what is cut from it, in the order in which it is.
 *
 * @param frames   cut around groups of pieces, for weeding
 * @param usedMm   length of film from its leading edge to where it is cut off
 * @param leastMm  no layout of these pieces takes less of a film as wide as this
 */
public record Load(
        int order,
        Material material,
        Colour colour,
        FilmPiece stock,
        List<Placed> placed,
        List<Frame> frames,
        double usedMm,
        double leastMm) {
    /**
     * A frame for weeding.
     *
     * @param last    the last of what lies in it, from 0: it is cut after that
     * @param reliefs cut just before it, so that large waste comes up in parts
     * @param names   scored before those, where that is wished and there is room
     */
    public record Frame(Outline outline, int last, List<Relief> reliefs, List<Name> names) {
        public Frame {
            reliefs = List.copyOf(reliefs);
            names = List.copyOf(names);
        }
    }

    /**
     * What a piece is told by, in the waste beside it.
     *
     * @param of which of the load's pieces, from 0
     */
    public record Name(int of, List<List<Point>> strokes) {
        public Name {
            strokes = strokes.stream().map(List::copyOf).toList();
        }
    }

    /** Straight through waste. */
    public record Relief(Point from, Point to) {
        public double lengthMm() {
            return from.distanceMm(to);
        }
    }

    /** From the edge of what can be cut to where something sent there lies at first. */
    public static final double PINNED_IN_MM = 6;

    private static final double TOUCHING_MM2 = 1e-6;

    public Load {
        placed = List.copyOf(placed);
        frames = List.copyOf(frames);
    }

    Load numbered(int number) {
        return new Load(number, material, colour, stock, placed, frames, usedMm, leastMm);
    }

    /** The roll that its film comes off; none for an offcut. */
    public Optional<Roll> roll() {
        return shelved() instanceof Roll r ? Optional.of(r) : Optional.empty();
    }

    /**
     * What its film costs: of a roll by the metre, of a sheet by the share of its length; an offcut was paid for long
     * ago.
     */
    public double filmMoney() {
        return stock.cost(usedMm, material.pricePerMetre());
    }

    /** What there is of it on the shelf. */
    public Stock shelved() {
        return stock.shelved();
    }

    /** What all of them together take off each roll. */
    public static Map<Roll, Double> offRolls(List<Load> loads) {
        Map<Roll, Double> taken = new LinkedHashMap<>();
        loads.forEach(l -> l.roll().ifPresent(r -> taken.merge(r, l.usedMm, Double::sum)));
        return taken;
    }

    /**
     * What no layout of these pieces on the usual roll would take less than, were there no offcut: cells do not overlap
     * and lie within half a gap around the film's
     * width. Nothing for what comes off a roll.
     */
    public double sparedMm() {
        return stock.comesOffRoll()
                ? 0
                : placed.stream().mapToDouble(p -> p.cell().areaMm2()).sum()
                        / (Loading.USUAL_WIDTH_MM + Loading.GAP_MM);
    }

    /** Whether it is stuck on a mat to be cut. */
    public boolean isOnMat(Cutter cutter) {
        return stock.ridesOnMat(cutter);
    }

    public boolean framed() {
        return !frames.isEmpty();
    }

    /** Whether a piece may lie so far from where it does: on the film, and on nothing that stays where it is. */
    public boolean isFree(Placed piece, double dxMm, double dyMm, Cutter cutter, Predicate<Placed> stays) {
        Placement by = Placement.moved(dxMm, dyMm);
        if (piece.item()
                        .layer()
                        .weeded()
                        .placed(piece.onto().then(by))
                        .minus(stock.usable(cutter))
                        .areaMm2()
                > TOUCHING_MM2) {
            return false;
        }
        Region cell = piece.cell().placed(by);
        return placed.stream()
                .filter(p -> p != piece && stays.test(p))
                .noneMatch(p -> p.cell().intersect(cell).areaMm2() > TOUCHING_MM2);
    }

    /** All of them, for all frames. */
    public int reliefCount() {
        return frames.stream().mapToInt(f -> f.reliefs().size()).sum();
    }

    /** How many pieces have their name beside them. */
    public int nameCount() {
        return frames.stream().mapToInt(f -> f.names().size()).sum();
    }

    public double areaUsedMm2() {
        return stock.areaMm2(usedMm);
    }

    /** The film that ends up on blanks. */
    public double pieceAreaMm2() {
        return placed.stream()
                .map(p -> p.item().layer().region())
                .mapToDouble(Region::areaMm2)
                .sum();
    }

    /** The share of the film taken that ends up on blanks. */
    public double pieceShare() {
        return pieceAreaMm2() / areaUsedMm2();
    }
}
