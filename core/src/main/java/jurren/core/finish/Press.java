package jurren.core.finish;

/** A flat press: its platen and the hottest it gets. */
public record Press(String id, String name, double platenWidthMm, double platenHeightMm, double mostCelsius) {
    public Press {
        if (!(platenWidthMm > 0 && platenHeightMm > 0 && mostCelsius > 0)) {
            throw new IllegalArgumentException("press " + id + " needs measures above zero");
        }
    }
}
