package jurren.core.material;

/** How the knife goes through a film. */
public record CutSettings(double forceGf, double speedMmS, double bladeOutMm, int passes) {
    public CutSettings {
        if (!(forceGf > 0 && speedMmS > 0 && bladeOutMm > 0 && passes > 0)) {
            throw new IllegalArgumentException("cut settings must be positive");
        }
    }
}
