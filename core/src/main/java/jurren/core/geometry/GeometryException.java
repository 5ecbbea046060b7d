package jurren.core.geometry;

/** Shapes that could not be worked, with the place where it went wrong. */
public final class GeometryException extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final transient Point where;

    public GeometryException(String message, Point where) {
        super(message + " near " + where);
        this.where = where;
    }

    public Point where() {
        return where;
    }
}
