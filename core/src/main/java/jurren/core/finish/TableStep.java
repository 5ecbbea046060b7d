package jurren.core.finish;

/** At the table, with film that is laid by hand. */
public enum TableStep implements StepKind {
    WEED(Role.WEEDS),
    CLEAN(Role.CLEANS),
    LINT(Role.CLEANS),
    TAPE(Role.HANDLES),
    HINGE(Role.HANDLES),
    BACKING(Role.HANDLES),
    LAY(Role.LAYS),
    BURNISH(Role.HANDLES),
    LIFT(Role.LIFTS),
    WAIT(Role.WAITS);

    private final Role role;

    TableStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
