package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Track;

/**
 * Repeated along a drawn line from end to end, or along the outer edge of any other motif clockwise from
 * its top, at even distances as near to {@code spacingMm} as fit, each copy's middle {@code distanceMm} off
 * the line to its left (outside an edge).
 */
public record RepeatAlong(String other, double spacingMm, double distanceMm, boolean turned) implements Referring {
    public RepeatAlong {
        Limits.ofPattern("a spacing", spacingMm);
        Limits.within("a distance", distanceMm, -1000, 1000);
    }

    @Override
    public RepeatAlong withOther(String newOther) {
        return new RepeatAlong(newOther, spacingMm, distanceMm, turned);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        Optional<Track> along = others.track(other);
        if (along.isEmpty() || Paint.box(paints).isEmpty()) {
            return paints;
        }
        Box own = Paint.box(paints).get();
        Track track = along.get();
        int gaps = Math.max(1, (int) Math.round(track.lengthMm() / spacingMm));
        List<Placement> places = new ArrayList<>();
        for (int i = 0; i < (track.isClosed() ? gaps : gaps + 1); i++) {
            Track.Spot spot = track.at(i * track.lengthMm() / gaps, own.widthMm());
            Placement out = Placement.moved(-own.centre().xMm(), -own.centre().yMm());
            places.add(
                    turned
                            ? out.then(Placement.moved(0, -distanceMm))
                                    .then(Placement.turned(spot.degrees()))
                                    .then(Placement.moved(
                                            spot.point().xMm(), spot.point().yMm()))
                            : out.then(Placement.moved(
                                    spot.point().xMm() + distanceMm * Math.sin(Math.toRadians(spot.degrees())),
                                    spot.point().yMm() - distanceMm * Math.cos(Math.toRadians(spot.degrees())))));
        }
        return Limits.repeated(paints, places);
    }
}
