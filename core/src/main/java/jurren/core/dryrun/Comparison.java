package jurren.core.dryrun;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import jurren.core.geometry.Region;
import jurren.core.material.Film;

/**
 * One finished copy beside its art.
 *
 * @param wanted      what the eye should see of each film
 * @param result      what it sees on the finished piece
 * @param agreeingMm2 where both have the same film
 * @param worstMm     the largest distance from an edge of one to the nearest edge of the same film on the other
 */
public record Comparison(
        String lineId,
        String place,
        String size,
        int copy,
        Map<Film, Region> wanted,
        Map<Film, Region> result,
        double agreeingMm2,
        double worstMm) {
    public Comparison {
        wanted = Map.copyOf(wanted);
        result = Map.copyOf(result);
    }

    /** Where either has a film, each counted for itself: a place that has the wrong one counts twice. */
    public double allMm2() {
        return Stream.concat(wanted.values().stream(), result.values().stream())
                        .mapToDouble(Region::areaMm2)
                        .sum()
                - agreeingMm2;
    }

    /** Intersection over union, film by film. */
    public double matchPercent() {
        return allMm2() == 0 ? 0 : 100 * agreeingMm2 / allMm2();
    }

    /** Where the two differ; worked out when it is asked for. */
    public Region wrong() {
        List<Region> all = Stream.concat(wanted.values().stream(), result.values().stream())
                .toList();
        List<Region> right = wanted.entrySet().stream()
                .map(w -> w.getValue().intersect(result.getOrDefault(w.getKey(), Region.EMPTY)))
                .toList();
        return DryRun.withoutHairs(Region.weld(all).minus(Region.weld(right)));
    }
}
