package jurren.core.finish;

/** With a printed sheet. */
public enum SheetStep implements StepKind {
    TAPE_SHEET(Role.HANDLES),
    SLEEVE(Role.HANDLES),
    TURN(Role.HANDLES);

    private final Role role;

    SheetStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
