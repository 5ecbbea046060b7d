package jurren.app.desk;

import java.util.function.Consumer;

/**
 * What is wanted of the desk.
 *
 * @param name     what a person reads beside its progress; also by what its usual time is remembered
 * @param done     told the answer
 * @param failed   told what went wrong, an {@link Error} too
 * @param finishes never stopped half-way, and waited for when the window closes: it writes something
 */
public record Order<T>(String name, Work<T> work, Consumer<T> done, Consumer<Throwable> failed, boolean finishes) {
    public Order(String name, Work<T> work, Consumer<T> done, Consumer<Throwable> failed) {
        this(name, work, done, failed, false);
    }

    /** The same, never stopped half-way. */
    public Order<T> finishing() {
        return new Order<>(name, work, done, failed, true);
    }
}
