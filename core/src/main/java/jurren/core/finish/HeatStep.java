package jurren.core.finish;

/** At the press, whatever is pressed. */
public enum HeatStep implements StepKind {
    WARM(Role.WARMS),
    TACK(Role.TACKS),
    PRESS(Role.BONDS),
    REPRESS(Role.SETTLES),
    PEEL(Role.PEELS),
    PILLOW(Role.HANDLES),
    TURN_OVER(Role.TURNS_OVER),
    WAY_UP(Role.HANDLES),
    COOL(Role.COOLS);

    private final Role role;

    HeatStep(Role role) {
        this.role = role;
    }

    @Override
    public Role role() {
        return role;
    }
}
