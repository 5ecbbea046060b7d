package jurren.core.art;

/** What a treatment would make of this art is more than can be worked out or cut; the treatment is left out. */
public final class TooMuch extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    public TooMuch(String what) {
        super(what);
    }
}
