package jurren.formats.svg;

import java.awt.geom.Rectangle2D;
import java.util.Optional;
import org.w3c.dom.Element;

/**
 * Radii of ellipses and rounded corners as SVG 2 means them: one that is not said, or is said to be {@code auto}, is
 * as long as the other, also where that is a share of the view; one below nothing is not said.
 */
final class Radii {
    private Radii() {}

    static void say(Element e) {
        if (!e.getLocalName().equals("ellipse") && !e.getLocalName().equals("rect")) {
            return;
        }
        String x = said(e, "rx");
        String y = said(e, "ry");
        if (x.isEmpty() && y.isEmpty()) {
            e.removeAttribute("rx");
            e.removeAttribute("ry");
        } else if (x.isEmpty() || y.isEmpty()) {
            String one = x.isEmpty() ? length(e, y, false) : length(e, x, true);
            e.setAttribute("rx", one);
            e.setAttribute("ry", one);
        }
    }

    private static String said(Element e, String name) {
        String value = e.getAttribute(name).strip();
        return value.equals("auto") || value.startsWith("-") ? "" : value;
    }

    private static String length(Element e, String value, boolean across) {
        return value.endsWith("%") ? Shares.of(e, value, across ? Shares.Along.WIDTH : Shares.Along.HEIGHT) : value;
    }

    /** What a share is a share of. */
    static final class Shares {
        enum Along {
            WIDTH,
            HEIGHT,
            BOTH;

            static Along of(String property) {
                return switch (property) {
                    case "x", "width", "cx", "rx", "x1", "x2", "dx" -> WIDTH;
                    case "y", "height", "cy", "ry", "y1", "y2", "dy" -> HEIGHT;
                    default -> BOTH;
                };
            }

            private double of(Rectangle2D view) {
                return switch (this) {
                    case WIDTH -> view.getWidth();
                    case HEIGHT -> view.getHeight();
                    case BOTH -> Math.hypot(view.getWidth(), view.getHeight()) / Math.sqrt(2);
                };
            }
        }

        private Shares() {}

        /** A share of the view as a number; itself where the view is not known. */
        static String of(Element e, String share, Along along) {
            Optional<Rectangle2D> view = Turning.view(e);
            try {
                double part = Double.parseDouble(share.substring(0, share.length() - 1)) / 100;
                return view.map(v -> String.valueOf(part * along.of(v))).orElse(share);
            } catch (NumberFormatException _) {
                return share;
            }
        }
    }
}
