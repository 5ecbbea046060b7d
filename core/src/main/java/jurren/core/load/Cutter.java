package jurren.core.load;

/**
 * A cutter. Nothing is cut under its rollers, nor in the stretch that the head needs before and after.
 *
 * @param widthMm      the widest film it takes
 * @param rollerMm     what a roller takes at each edge
 * @param beforeMm     uncut film before the first cut
 * @param afterMm      uncut film after the last cut
 * @param travelMmS    speed with the knife up
 * @param liftS        time to lift and drop the knife once
 * @param cornerS      time lost in a sharp corner
 * @param overcutMm    how far a cut runs on past its own start, so that the piece comes free
 * @param head         what holds the knife
 * @param reach        how files get to it
 * @param speech       how it wants them told
 * @param senses       what it finds out by itself
 */
public record Cutter(String id, String name, double widthMm, double rollerMm, double beforeMm, double afterMm,
                     double travelMmS, double liftS, double cornerS, double overcutMm, Head head, Reach reach,
                     Speech speech, Senses senses) {
    public Cutter {
        if (!(widthMm > 2 * rollerMm && rollerMm >= 0 && beforeMm >= 0 && afterMm >= 0 && travelMmS > 0
                && liftS >= 0 && cornerS >= 0 && overcutMm >= 0)) {
            throw new IllegalArgumentException("cutter " + id + " has measures that cannot be");
        }
    }

    public Cutter(String id, String name, double widthMm, double rollerMm, double beforeMm, double afterMm,
                  double travelMmS, double liftS, double cornerS, double overcutMm) {
        this(id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, Head.USUAL, Reach.STAND_IN, Speech.USUAL, Senses.NONE);
    }

    public Cutter withHead(Head other) {
        return new Cutter(id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, other, reach, speech, senses);
    }

    public Cutter withReach(Reach other) {
        return new Cutter(id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, other, speech, senses);
    }

    public Cutter withSpeech(Speech other) {
        return new Cutter(id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach, other, senses);
    }

    public Cutter withSenses(Senses other) {
        return new Cutter(id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach, speech, other);
    }

    /** Another of the same make. */
    public Cutter named(String otherId, String otherName) {
        return new Cutter(otherId, otherName, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach, speech, senses);
    }

    /** What lies between the rollers' inner edges on film of this width. */
    public double usableMm(double filmWidthMm) {
        return Math.min(filmWidthMm, widthMm) - 2 * rollerMm;
    }
}
