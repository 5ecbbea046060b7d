package jurren.core.snag;

import jurren.core.geometry.Point;
import java.util.Optional;

/** One thing that would go wrong. Places are on the face of the size that is named. */
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

    /** The bench where it can be mended. */
    enum Bench {
        BLANK, ART, LAYERS, LOADS, FINISH
    }

    Gravity gravity();

    Bench bench();

    String line();

    default int layer() {
        return 0;
    }

    default Optional<Point> where() {
        return Optional.empty();
    }

    /** The motif it is about, when it is about one. */
    default Optional<String> motif() {
        return Optional.empty();
    }

    /** The size whose face it is on, when it is on one. */
    default Optional<String> size() {
        return Optional.empty();
    }

    /** A line without motifs. */
    record NoArt(String line) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.UNUSABLE;
        }

        @Override
        public Bench bench() {
            return Bench.ART;
        }
    }

    /** Lettering without letters. */
    record EmptyLettering(String line, String motifId, String motifName) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.UNUSABLE;
        }

        @Override
        public Bench bench() {
            return Bench.ART;
        }

        @Override
        public Optional<String> motif() {
            return Optional.of(motifId);
        }
    }

    /** A character that the typeface cannot show. */
    record MissingGlyph(String line, String motifId, String character, String typeface) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.UNUSABLE;
        }

        @Override
        public Bench bench() {
            return Bench.ART;
        }

        @Override
        public Optional<String> motif() {
            return Optional.of(motifId);
        }
    }

    /** Lines of a drawing that do not close and have no width. */
    record OpenPath(String line, String motifId, String motifName, int lines, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.ART;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }

        @Override
        public Optional<String> motif() {
            return Optional.of(motifId);
        }
    }

    /** Parts of one colour that overlap and were not welded: the knife would cut through the art. */
    record NotWelded(String line, String motifId, String motifName, int parts, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.ART;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }

        @Override
        public Optional<String> motif() {
            return Optional.of(motifId);
        }
    }

    /** Art that is larger than the blank itself. */
    record BeyondBlank(String line, String sizeId, double artMm, double blankMm, boolean across) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.UNUSABLE;
        }

        @Override
        public Bench bench() {
            return Bench.BLANK;
        }

        @Override
        public Optional<String> size() {
            return Optional.of(sizeId);
        }
    }

    /** Art that reaches out of the area. */
    record OutsideArea(String line, String sizeId, double overMm, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.BLANK;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }

        @Override
        public Optional<String> size() {
            return Optional.of(sizeId);
        }
    }

    /** Art that the platen does not reach in one position. */
    record BeyondPlaten(String line, String sizeId, double overMm, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.BLANK;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }

        @Override
        public Optional<String> size() {
            return Optional.of(sizeId);
        }
    }

    /** A part narrower than the film holds. */
    record ThinPart(String line, int layer, String sizeId, double widthMm, double leastMm, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.LAYERS;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }

        @Override
        public Optional<String> size() {
            return Optional.of(sizeId);
        }
    }

    /** More films on top of each other than the cloth should carry. */
    record TooManyFilms(String line, int films, int most, Point at) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.LAYERS;
        }

        @Override
        public Optional<Point> where() {
            return Optional.of(at);
        }
    }

    /** A film that takes nothing on top of it, with something on top of it. */
    record NothingHoldsOn(String line, int layer, String material) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.STOPS;
        }

        @Override
        public Bench bench() {
            return Bench.LAYERS;
        }
    }

    /** A piece that fits no way round between the rollers. */
    record NotOnRoll(String line, int layer, String sizeId, double acrossMm, double usableMm) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.STOPS;
        }

        @Override
        public Bench bench() {
            return Bench.LOADS;
        }

        @Override
        public Optional<String> size() {
            return Optional.of(sizeId);
        }
    }

    /** A load that is longer than what is left on the roll; {@code leftMm} 0 when the colour is not on the shelf. */
    record RollTooShort(String line, int load, String colourName, double neededMm, double leftMm) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.LOOK;
        }

        @Override
        public Bench bench() {
            return Bench.LOADS;
        }
    }

    /** More heat in all than a layer (0: the cloth) bears. */
    record TooMuchHeat(String line, int layer, double seconds, double mostSeconds) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.STOPS;
        }

        @Override
        public Bench bench() {
            return Bench.FINISH;
        }
    }

    /** A film that is pressed hotter than the cloth bears or the press reaches. */
    record TooHot(String line, double celsius, double mostCelsius, boolean forCloth) implements Snag {
        @Override
        public Gravity gravity() {
            return Gravity.STOPS;
        }

        @Override
        public Bench bench() {
            return Bench.FINISH;
        }
    }
}
