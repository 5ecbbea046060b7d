package jurren.core.art;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;

/**
 * Sources made to a wanted size. What a treatment adds around a source (an outline) does not grow with
 * it, so it is taken off the wanted size first.
 *
 * <p>Example: a name 100 mm wide with a 3 mm outline is 106 mm wide built. Made 206 mm wide, the name
 * itself becomes 200 mm.
 */
public final class Sizing {
    private Sizing() {}

    /** The same when the size cannot be: nothing there, or no room left beside what treatments add. */
    public static Source toWidth(Source source, BuiltMotif built, double widthMm, boolean keepProportion) {
        double factor = factor(built, widthMm, true);
        return factor > 0 ? source.resized(factor, keepProportion ? factor : 1) : source;
    }

    public static Source toHeight(Source source, BuiltMotif built, double heightMm, boolean keepProportion) {
        double factor = factor(built, heightMm, false);
        return factor > 0 ? source.resized(keepProportion ? factor : 1, factor) : source;
    }

    private static double factor(BuiltMotif built, double wantedMm, boolean width) {
        if (built.bounds().isEmpty() || built.source().isEmpty()) {
            return 0;
        }
        Box all = built.bounds().get();
        Box source = built.source().get();
        double is = width ? all.widthMm() : all.heightMm();
        double own = width ? source.widthMm() : source.heightMm();
        return own <= 0 ? 0 : (wantedMm - (is - own)) / own;
    }

    /** Roughly what a source built at one size looks like at another, until it is built anew. */
    public static Placement between(Source built, Source now) {
        return switch (built) {
            case Lettering b
            when now instanceof Lettering n
                    && b.keptWidthMm().isPresent()
                    && n.keptWidthMm().isPresent() -> {
                double wider = n.keptWidthMm().get() / b.keptWidthMm().get();
                yield Placement.scaled(wider, wider * b.stretch() / n.stretch());
            }
            case Lettering b
            when now instanceof Lettering n ->
                Placement.scaled(
                        n.capHeightMm() * n.stretch() / (b.capHeightMm() * b.stretch()),
                        n.capHeightMm() / b.capHeightMm());
            case Drawing b
            when now instanceof Drawing n ->
                Placement.scaled(n.widthFactor() / b.widthFactor(), n.heightFactor() / b.heightFactor());
            case TracedPicture b
            when now instanceof TracedPicture n ->
                Placement.scaled(n.mmPerPxAcross() / b.mmPerPxAcross(), n.mmPerPxDown() / b.mmPerPxDown());
            case PrintedPicture b
            when now instanceof PrintedPicture n ->
                Placement.scaled(n.mmPerPxAcross() / b.mmPerPxAcross(), n.mmPerPxDown() / b.mmPerPxDown());
            case Shape b
            when now instanceof Shape n -> Placement.scaled(n.widthMm() / b.widthMm(), n.heightMm() / b.heightMm());
            case Mark b
            when now instanceof Mark n ->
                Placement.scaled(n.widthFactor() / b.widthFactor(), n.heightFactor() / b.heightFactor());
            default -> Placement.HERE;
        };
    }
}
