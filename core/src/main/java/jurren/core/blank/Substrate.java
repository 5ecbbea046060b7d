package jurren.core.blank;

import java.util.Optional;

/**
 * What a blank is made of.
 *
 * @param name           as a person says it: "cotton", "coated steel"
 * @param polyesterShare of the fibres, 0 to 1; 0 for what is no cloth
 * @param mostCelsius    the hottest press it bears
 * @param mostTotalS     the longest it bears in all
 * @param dye            how it takes a dye print, where otherwise than cloth does
 */
public record Substrate(
        String name,
        Stuff stuff,
        double polyesterShare,
        Coating coating,
        double mostCelsius,
        double mostTotalS,
        Optional<DyeHeat> dye) {
    /** The kinds of stuff that decide what holds. */
    public enum Stuff {
        COTTON(true),
        BLEND(true),
        POLYESTER(true),
        NYLON(true),
        CANVAS(true),
        LEATHERETTE(false),
        CERAMIC(false),
        STEEL(false),
        ALUMINIUM(false),
        GLASS(false),
        PLASTIC(false),
        WOOD(false),
        FILM(false);

        private final boolean cloth;

        Stuff(boolean cloth) {
            this.cloth = cloth;
        }

        public boolean isCloth() {
            return cloth;
        }
    }

    /** What lies over the stuff. */
    public enum Coating {
        NONE,
        /** A polymer that takes dye under heat. */
        DYE,
        POWDER
    }

    public Substrate {
        if (!(mostCelsius > 0 && mostTotalS > 0)) {
            throw new IllegalArgumentException("heat limits of " + name + " must be above zero but were " + mostCelsius
                    + " °C, " + mostTotalS + " s");
        }
        if (!(polyesterShare >= 0 && polyesterShare <= 1)) {
            throw new IllegalArgumentException(
                    "the polyester share of " + name + " must be 0 to 1 but was " + polyesterShare);
        }
    }

    public Substrate bearing(double newMostCelsius, double newMostTotalS) {
        return new Substrate(name, stuff, polyesterShare, coating, newMostCelsius, newMostTotalS, dye);
    }

    public boolean isCloth() {
        return stuff.isCloth();
    }

    public boolean isSeeThrough() {
        return stuff == Stuff.GLASS;
    }
}
