package jurren.core.finish;

/** With a print that is powdered. */
public enum PowderStep implements StepKind {
    POWDER(Role.HANDLES),
    CURE(Role.CURES);

    private final Role role;

    PowderStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
