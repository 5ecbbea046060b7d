package jurren.core.blank;

/** What a blank is made of: the hottest press it bears and the longest it bears in all. */
public record Cloth(String name, double mostCelsius, double mostTotalS) {
    public Cloth {
        if (!(mostCelsius > 0 && mostTotalS > 0)) {
            throw new IllegalArgumentException("cloth " + name + " needs heat limits above zero");
        }
    }
}
