package jurren.core.finish;

/** What hands do to a layer before it is laid under the press. */
public enum ReadyStep implements StepKind {
    MASK(Role.HANDLES),
    SET_STONES(Role.HANDLES);

    private final Role role;

    ReadyStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
