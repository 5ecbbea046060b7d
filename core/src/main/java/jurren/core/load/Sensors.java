package jurren.core.load;

/**
 * What a cutter finds out by itself.
 *
 * @param marks whether it finds printed cross marks, or waits until someone at it has put its head over them
 * @param width whether it says how wide the film in it is
 */
public record Sensors(boolean marks, boolean width) {
    public static final Sensors NONE = new Sensors(false, false);
}
