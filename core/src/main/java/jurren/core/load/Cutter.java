package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.Region;

/**
 * A cutter. Nothing is cut under its rollers, nor in the stretch that the head needs before and after. One that takes
 * film on mats alone has neither: there it is the edge of the film, where it is held down.
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
 * @param feed         how film goes in
 */
public record Cutter(
        String id,
        String name,
        double widthMm,
        double rollerMm,
        double beforeMm,
        double afterMm,
        double travelMmS,
        double liftS,
        double cornerS,
        double overcutMm,
        Head head,
        Connection reach,
        Dialect speech,
        Sensors senses,
        Feed feed) {
    public Cutter {
        if (!(widthMm > 2 * rollerMm
                && rollerMm >= 0
                && beforeMm >= 0
                && afterMm >= 0
                && travelMmS > 0
                && liftS >= 0
                && cornerS >= 0
                && overcutMm >= 0)) {
            throw new IllegalArgumentException("cutter " + id + " has measures that cannot be");
        }
        if (feed.leastMm() > widthMm) {
            throw new IllegalArgumentException("the narrowest film that a cutter takes is not wider than the widest");
        }
        if (feed.matMm() != 0 && !(feed.matMm() > beforeMm + afterMm)) {
            throw new IllegalArgumentException(
                    "a mat is longer than what stays uncut on it; 0 means that there is none");
        }
    }

    public Cutter(
            String id,
            String name,
            double widthMm,
            double rollerMm,
            double beforeMm,
            double afterMm,
            double travelMmS,
            double liftS,
            double cornerS,
            double overcutMm) {
        this(
                id,
                name,
                widthMm,
                rollerMm,
                beforeMm,
                afterMm,
                travelMmS,
                liftS,
                cornerS,
                overcutMm,
                Head.USUAL,
                Connection.STAND_IN,
                Dialect.USUAL,
                Sensors.NONE,
                Feed.ROLL);
    }

    public Cutter withHead(Head other) {
        return new Cutter(
                id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, other, reach,
                speech, senses, feed);
    }

    public Cutter withReach(Connection other) {
        return new Cutter(
                id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, other,
                speech, senses, feed);
    }

    public Cutter withSpeech(Dialect other) {
        return new Cutter(
                id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach,
                other, senses, feed);
    }

    public Cutter withSenses(Sensors other) {
        return new Cutter(
                id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach,
                speech, other, feed);
    }

    public Cutter withFeed(Feed other) {
        return new Cutter(
                id, name, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head, reach,
                speech, senses, other);
    }

    public Cutter withMat(double lengthMm) {
        return withFeed(feed.withMat(lengthMm));
    }

    /** Of its mat; 0 where it has none. */
    public double matMm() {
        return feed.matMm();
    }

    /** Another of the same make. */
    public Cutter named(String otherId, String otherName) {
        return new Cutter(
                otherId, otherName, widthMm, rollerMm, beforeMm, afterMm, travelMmS, liftS, cornerS, overcutMm, head,
                reach, speech, senses, feed);
    }

    /** Whether film is cut off the roll first and laid on a mat. */
    public boolean isOnMats() {
        return matMm() > 0;
    }

    /** How long a piece may be; endless off a roll. */
    public double usableAlongMm() {
        return isOnMats() ? matMm() - beforeMm - afterMm : Double.POSITIVE_INFINITY;
    }

    /** Where it cuts on a straight strip of film; empty where nothing is left. */
    Region usable(double lengthMm, double filmWidthMm) {
        double along = lengthMm - beforeMm - afterMm;
        double across = usableMm(filmWidthMm);
        return along > 0 && across > 0 ? Region.of(Box.ofSize(beforeMm, rollerMm, along, across)) : Region.EMPTY;
    }

    /** What lies between the rollers' inner edges on film of this width. */
    public double usableMm(double filmWidthMm) {
        return feed.outerMm(Math.min(filmWidthMm, widthMm), rollerMm) - 2 * rollerMm;
    }
}
