package jurren.core.snag;

import java.util.List;
import java.util.Optional;
import jurren.core.blank.Obstacle;
import jurren.core.finish.Limit;
import jurren.core.finish.Press;
import jurren.core.geometry.Point;
import jurren.core.hold.Verdict;
import jurren.core.material.Colour;

/** One thing that would go wrong. Places are in the art of the size that is named. */
public sealed interface Snag {
    /** How bad it is. */
    enum Gravity {
        /** Worth a look; the work goes on. */
        LOOK,
        /** The work would fail; nothing is cut unless a person insists. */
        STOPS,
        /** There is nothing to work on until the facts are put right. */
        UNUSABLE
    }

    /** What of the job has to change to mend it. */
    enum Subject {
        /** A motif, or that there is none. */
        ART,
        /** The thing, its measures, how the art sits on it, what holds on it. */
        THING,
        /** What is cut from which film, and what lies on what. */
        LAYERS,
        /** What is on the shelf and what goes through the cutter. */
        STOCK,
        /** What the press does to thing and layers. */
        HEAT
    }

    /** How bad, and what it is about. */
    record Nature(Gravity gravity, Subject subject) {}

    Nature nature();

    String line();

    default Gravity gravity() {
        return nature().gravity;
    }

    default Subject subject() {
        return nature().subject;
    }

    default int layer() {
        return 0;
    }

    default Optional<Point> where() {
        return this instanceof AtPlace p ? Optional.of(p.at()) : Optional.empty();
    }

    /** The motif it is about, when it is about one. */
    default Optional<String> motif() {
        return this instanceof OfMotif m ? Optional.of(m.motifId()) : Optional.empty();
    }

    /** The size whose face it is on, when it is on one. */
    default Optional<String> size() {
        return this instanceof OfSize s ? Optional.of(s.sizeId()) : Optional.empty();
    }

    /** It can be pointed at. */
    interface AtPlace {
        Point at();
    }

    /** It is about one motif. */
    interface OfMotif {
        String motifId();
    }

    /** It is so on one size. */
    interface OfSize {
        String sizeId();
    }

    /** A line without motifs. */
    record NoArt(String line) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.UNUSABLE, Subject.ART);
        }
    }

    /** Lettering without letters. */
    record EmptyLettering(String line, String motifId, String motifName) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.UNUSABLE, Subject.ART);
        }
    }

    /** A character that the typeface cannot show. */
    record MissingGlyph(String line, String motifId, String character, String typeface) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.UNUSABLE, Subject.ART);
        }
    }

    /** A font that this machine does not have; the outlines that the job carries are used. */
    record FontMissing(String line, String motifId, String motifName, String font) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** A motif that follows another which is gone, or which nobody has chosen yet: it does without. */
    record NothingToFollow(String line, String motifId, String motifName, String treatment) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** A treatment that leaves nothing of a motif. */
    record NothingLeft(String line, String motifId, String motifName, String treatment) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** Art that reaches further than anything this trade makes: it is left out. */
    record TooLarge(String line, String motifId, String motifName, double reachMm, double mostMm)
            implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.ART);
        }
    }

    /** A treatment that would make more than can be worked out or cut: it is left out. */
    record TooMuch(String line, String motifId, String motifName, String treatment) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.ART);
        }
    }

    /** A treatment that finds nothing to do: too large for the shape, or beside it. */
    record NoEffect(String line, String motifId, String motifName, String treatment) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** What stands free in a stencil and falls out of the plate. */
    record LooseIsland(String line, int layer, int islands, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.LAYERS);
        }
    }

    /** A picture among what a knife cuts: it has no edge that a knife could follow, so nothing of it is made. */
    record PictureNotCut(String line, String motifId, String motifName, String material) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.ART);
        }
    }

    /** Shades, see-through colours or shadows where a knife cuts. */
    record CutSolid(String line, String motifId, String motifName, boolean shadows) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** Half-transparent paint where ink either holds or does not. */
    record HalfTransparent(String line, String motifId, String motifName, String material) implements Snag, OfMotif {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** Ink finer than holds: dots and lines come off. */
    record FineInk(String line, int layer, String sizeId, double widthMm, double leastMm, Point at)
            implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** A gap in ink so narrow that it closes up. */
    record FineGap(String line, int layer, double apartMm, double leastMm, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** A picture with too few pixels for its size. */
    record CoarsePicture(
            String line, String motifId, String motifName, String sizeId, double perInch, double leastPerInch)
            implements Snag, OfMotif, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** Lines of a drawing that do not close and have no width. */
    record OpenPath(String line, String motifId, String motifName, int lines, Point at)
            implements Snag, OfMotif, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** Parts of one colour that overlap and were not welded: the knife would cut through the art. */
    record NotWelded(String line, String motifId, String motifName, int parts, Point at)
            implements Snag, OfMotif, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.ART);
        }
    }

    /** Art that is larger than the blank itself. */
    record BeyondBlank(String line, String sizeId, double artMm, double blankMm, boolean across)
            implements Snag, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.UNUSABLE, Subject.THING);
        }
    }

    /** Art that reaches out of the area. */
    record OutsideArea(String line, String sizeId, double overMm, Point at) implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** Art that goes more than once round the thing, or over the seam's allowance. */
    record OverWrap(String line, String sizeId, double overMm, double roundMm, Point at)
            implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** Art that runs into something on the face. */
    record InTheWay(String line, String sizeId, Obstacle.Kind kind, double overMm, Point at)
            implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** An area that obstacles leave nothing of. */
    record NoRoom(String line, String sizeId) implements Snag, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** Art that takes several positions of the platen. */
    record SplitPress(String line, String sizeId, int positions, double sharedMm, Point at)
            implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** Art larger than a press takes that closes only once. */
    record BeyondPlaten(String line, String sizeId, double overMm, Point at) implements Snag, OfSize, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /**
     * The shop has no press of the kind that closes on the thing; what there is instead closes on a cap, but on nothing
     * round.
     */
    record NoPress(String line, Press.Kind wanted, Press.Kind instead) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(
                    wanted == Press.Kind.CAP && instead == Press.Kind.FLAT ? Gravity.LOOK : Gravity.STOPS,
                    Subject.THING);
        }
    }

    /** A material that does not hold on this thing. */
    record DoesNotHold(String line, String material, Verdict verdict) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.THING);
        }
    }

    /** A material that holds on this thing as long as something is minded. */
    record HoldsWithCare(String line, String material, Verdict verdict) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /**
     * A part narrower than the film holds.
     *
     * @param tears it comes apart in two there
     */
    record ThinPart(String line, int layer, String sizeId, double widthMm, double leastMm, boolean tears, Point at)
            implements Snag, OfSize, AtPlace {
        /** The blade trails its holder by so much: what is narrower it tears out. */
        public static final double KNIFE_LOSS_MM = 0.25;

        @Override
        public Nature nature() {
            return new Nature(widthMm < KNIFE_LOSS_MM ? Gravity.STOPS : Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Parts, or holes, too small to weed and to hold. */
    record Crumbs(String line, int layer, int crumbs, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Separate parts that are nowhere as wide as the film needs to stay down. */
    record WillLift(String line, int layer, int parts, double leastMm, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Tips that run out to nothing. */
    record Spikes(String line, int layer, int spikes, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Two cuts so close side by side that the second tears what the first left. */
    record DoubledLine(String line, int layer, double apartMm, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Two layers that nearly meet: the thing shows between them. */
    record HairlineGap(String line, double apartMm, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** Letters whose insides are filled by what is done to them. */
    record LostCounters(String line, String motifId, String motifName, int counters, String treatment, Point at)
            implements Snag, OfMotif, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.ART);
        }
    }

    /** More than one piece where one is wanted. */
    record SeveralPieces(String line, String motifId, String motifName, int pieces, Point at)
            implements Snag, OfMotif, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.ART);
        }
    }

    /** More films on top of each other than the cloth should carry. */
    record TooManyFilms(String line, int films, int most, Point at) implements Snag, AtPlace {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /** A film that takes nothing on top of it, with something on top of it. */
    record NothingHoldsOn(String line, int layer, String material) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.LAYERS);
        }
    }

    /** Art on a face that the thing has not. */
    record NoSuchPlace(String line, String faceId) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.THING);
        }
    }

    /** A film that is asked for in a colour its material is not sold in. */
    record NotSold(String line, int layer, String material, Colour wanted, String nearest) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.LAYERS);
        }
    }

    /**
     * A piece that fits no way round on the mat.
     *
     * @param lengthMm its longer side, with its weeding frame
     * @param widthMm  its shorter one
     * @param alongMm  the longer side of what can be cut on the mat
     * @param frameMm  what the frame takes of it, 0 without one
     */
    record NotOnMat(
            String line,
            int layer,
            String sizeId,
            double lengthMm,
            double widthMm,
            double alongMm,
            double acrossMm,
            double frameMm)
            implements Snag, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.STOCK);
        }
    }

    /**
     * A piece that fits no way round between the rollers.
     *
     * @param acrossMm with its weeding frame
     * @param frameMm  what the frame takes of it, 0 without one
     */
    record NotOnRoll(String line, int layer, String sizeId, double acrossMm, double usableMm, double frameMm)
            implements Snag, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.STOCK);
        }
    }

    /** A print that fits no way round on the printer's paper. */
    record NotOnPaper(String line, String sizeId, double acrossMm, double usableMm) implements Snag, OfSize {
        @Override
        public Nature nature() {
            return new Nature(Gravity.STOPS, Subject.STOCK);
        }
    }

    /** A load that is longer than what is left on the roll; {@code leftMm} 0 when the colour is not on the shelf. */
    record RollTooShort(String line, int load, String colourName, double neededMm, double leftMm) implements Snag {
        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.STOCK);
        }
    }

    /**
     * A tighter layout was taken on film that is not here, or no more as it was: what was on it is laid anew.
     *
     * @param stock what of it is not on the shelf; empty when all is, in another size or order
     */
    record LaidAnew(String line, String colourName, List<String> stock) implements Snag {
        public LaidAnew {
            stock = List.copyOf(stock);
        }

        @Override
        public Nature nature() {
            return new Nature(Gravity.LOOK, Subject.STOCK);
        }
    }

    /**
     * Limits under the press that cannot all be kept, however the layers are pressed.
     *
     * @param layer of the first limit
     */
    record PressClash(String line, int layer, List<Limit> limits) implements Snag {
        public PressClash {
            limits = List.copyOf(limits);
        }

        @Override
        public Nature nature() {
            boolean borne = limits.stream().anyMatch(l -> l.isWish() || l.kind() == Limit.Kind.DYE_MOVES);
            return new Nature(borne ? Gravity.LOOK : Gravity.STOPS, Subject.HEAT);
        }
    }
}
