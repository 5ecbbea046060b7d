package jurren.core.finish;

/** With a stencil. */
public enum PlateStep implements StepKind {
    PUSH_OUT(Role.HANDLES),
    FIX(Role.HANDLES),
    PAINT(Role.LAYS),
    LIFT_PLATE(Role.HANDLES),
    LIFT_STENCIL(Role.HANDLES),
    DRY(Role.WAITS);

    private final Role role;

    PlateStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
