package jurren.core.cure;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jurren.core.blank.Face;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Film;
import jurren.core.plan.SizePlan;

/**
 * What an edit changes of what is seen of a face.
 *
 * @param gone where a colour shows no more, on the unrolled face
 * @param come where a colour shows that did not
 * @param goneAsWorn the same in the art
 * @param comeAsWorn the same in the art
 */
public record Change(Region gone, Region come, Region goneAsWorn, Region comeAsWorn) {
    /** Less is the rounding of the same edge. */
    private static final double DUST_MM2 = 1e-3;

    public static Change between(SizePlan before, SizePlan after) {
        Map<Film, Region> was = before.laid().seen(p -> p.film());
        Map<Film, Region> is = after.laid().seen(p -> p.film());
        Set<Film> films = new LinkedHashSet<>(was.keySet());
        films.addAll(is.keySet());
        List<Region> gone = new ArrayList<>();
        List<Region> come = new ArrayList<>();
        for (Film film : films) {
            Region a = was.getOrDefault(film, Region.EMPTY);
            Region b = is.getOrDefault(film, Region.EMPTY);
            if (!a.equals(b)) {
                gone.add(a.minus(b));
                come.add(b.minus(a));
            }
        }
        Region all = Region.weld(gone).withoutCrumbs(DUST_MM2);
        Region more = Region.weld(come).withoutCrumbs(DUST_MM2);
        Warp unrolling = before.face().unrolling();
        Warp back = Face.back(unrolling);
        return unrolling == Warp.NONE
                ? new Change(all, more, all, more)
                : new Change(all, more, all.warped(back), more.warped(back));
    }

    /** For a picture that shows the art. */
    public Change asWorn() {
        return new Change(goneAsWorn, comeAsWorn, goneAsWorn, comeAsWorn);
    }

    /** Whether anything of it is wider than that, so that it could be seen. */
    public boolean isWiderThan(double mm) {
        return isWider(gone, mm) || isWider(come, mm);
    }

    private static boolean isWider(Region region, double mm) {
        return !region.isEmpty() && !region.grown(-mm / 2, CornerStyle.MITRED).isEmpty();
    }
}
