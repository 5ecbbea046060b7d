package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Warp;

/**
 * Bent along an arc: level lines become arcs of which that through the middle has the radius, up like
 * a rainbow or (below zero) down. Lengths along the middle line stay true; the arc never meets itself.
 */
public record Bend(double radiusMm) implements Treatment {
    public Bend {
        if (!(Math.abs(radiusMm) > 0)) {
            throw new IllegalArgumentException("a bend needs a radius other than zero");
        }
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    double least = Math.max(b.heightMm() / 2 * 1.02, b.widthMm() / (2 * Math.PI) * 1.02);
                    double radius = Math.copySign(Math.max(Math.abs(radiusMm), least), radiusMm);
                    return Paint.each(paints, r -> r.warped(warp(b, radius)).sound());
                })
                .orElse(paints);
    }

    private static Warp warp(Box b, double radius) {
        double middleX = b.centre().xMm();
        double middleY = b.centre().yMm();
        return Bent.of(Math.abs(radius) - b.heightMm() / 2, (x, y, to, at) -> {
            double angle = (x - middleX) / radius;
            double rho = radius - (y - middleY);
            to[at] = middleX + rho * Math.sin(angle);
            to[at + 1] = middleY + radius - rho * Math.cos(angle);
        });
    }
}
