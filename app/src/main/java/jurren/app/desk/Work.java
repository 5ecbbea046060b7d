package jurren.app.desk;

/** Something to work out. It looks at nothing that the window's thread changes. */
@FunctionalInterface
public interface Work<T> {
    /** @param pace told how far it is, where that is known */
    T work(Pace pace) throws Exception;
}
