package jurren.core.load;

/**
 * What a cutter finds out by itself.
 *
 * @param marks whether it finds printed cross marks, or waits until someone at it has put its head over them
 * @param width whether it says how wide the film in it is
 */
public record Senses(boolean marks, boolean width) {
    public static final Senses NONE = new Senses(false, false);
}
