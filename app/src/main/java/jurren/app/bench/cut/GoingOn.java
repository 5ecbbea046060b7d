package jurren.app.bench.cut;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jurren.app.cutter.CutTalk;
import jurren.app.cutter.Phase;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;

/**
 * What a person answers and chooses when a cut was broken off: whether the path in doubt is cut, and with which path
 * it goes on, typed or touched in the picture.
 */
final class GoingOn {
    private static final double NEAR_MM = 4;

    private final Session session;
    private final CutTalk talk;
    private final Label doubt = Controls.label("", "means");
    private final VBox asked;
    private final TextEntry path;
    private final Label of = Controls.label("", "hint");
    private final VBox chosen;
    private final VBox node;

    GoingOn(Session session, CutTalk talk) {
        this.session = session;
        this.talk = talk;
        Node cut = Controls.button("doubt-cut", Texts.of("cut.doubt.cut"), () -> talk.looked(true));
        Node notCut = Controls.button("doubt-not-cut", Texts.of("cut.doubt.not-cut"), () -> talk.looked(false));
        this.asked = new VBox(doubt, Controls.flow(cut, notCut));
        this.path = new TextEntry("go-on-path", Texts.of("cut.from-path"), this::type);
        path.setPrefColumnCount(5);
        this.chosen = new VBox(Controls.row(Texts.of("cut.from-path"), path), of);
        this.node = new VBox(asked, chosen);
        for (VBox box : List.of(asked, chosen, node)) {
            box.getStyleClass().add("rows");
        }
    }

    Node node() {
        return node;
    }

    /** @param isShown whether the load on show is the one that was broken off */
    void update(boolean isShown) {
        Phase phase = talk.phase();
        boolean inDoubt = isShown && phase.isInDoubt();
        boolean broken = isShown && isBroken(phase);
        Optional<Phase.Load> load = phase.load();
        show(asked, inDoubt);
        show(chosen, broken && !inDoubt);
        show(node, inDoubt || broken);
        load.ifPresent(l -> {
            int all = l.run().paths().size();
            path.show(String.valueOf(l.next() + 1));
            of.setText(Texts.of("cut.from-path-of", all));
            doubt.setText(Texts.of(
                    phase instanceof Phase.InDoubt d && !d.said().isEmpty() ? "cut.doubt.said" : "cut.doubt",
                    l.finished() + 1,
                    all,
                    phase instanceof Phase.InDoubt d ? d.said() : ""));
        });
    }

    private static boolean isBroken(Phase phase) {
        return phase instanceof Phase.LineLost || phase instanceof Phase.Stopped;
    }

    private static void show(Node n, boolean isShown) {
        n.setVisible(isShown);
        n.setManaged(isShown);
    }

    private void type(String text) {
        int all = talk.run().map(r -> r.paths().size()).orElse(0);
        String digits = text.strip();
        int typed = digits.matches("[0-9]{1,6}") ? Integer.parseInt(digits) : 0;
        if (typed < 1 || typed > all) {
            session.notices().trouble(Texts.of("cut.no-such-path", all));
        } else {
            talk.goOnWith(typed - 1);
        }
        talk.phase().load().ifPresent(l -> path.show(String.valueOf(l.next() + 1)));
    }

    /** The path that is marked: in doubt, or the one it goes on with. */
    OptionalInt marked(boolean isShown) {
        Phase phase = talk.phase();
        if (isShown && phase.isInDoubt()) {
            return OptionalInt.of(phase.load().orElseThrow().finished());
        }
        return isShown && isBroken(phase)
                ? OptionalInt.of(phase.load().orElseThrow().next())
                : OptionalInt.empty();
    }

    /** A place of the load was touched: it goes on with the nearest path. */
    void touch(Point at) {
        if (!isBroken(talk.phase()) || talk.phase().isInDoubt()) {
            return;
        }
        CutRun run = talk.run().orElseThrow();
        double nearest = NEAR_MM;
        int path = -1;
        for (int i = 0; i < run.paths().size(); i++) {
            double mm = distanceMm(run.paths().get(i), at);
            if (mm < nearest) {
                nearest = mm;
                path = i;
            }
        }
        if (path >= 0) {
            talk.goOnWith(path);
        }
    }

    private static double distanceMm(CutPath path, Point at) {
        List<Point> corners = path.corners();
        double least = Double.MAX_VALUE;
        for (int i = 1; i < corners.size(); i++) {
            least = Math.min(least, distanceMm(corners.get(i - 1), corners.get(i), at));
        }
        return least;
    }

    private static double distanceMm(Point a, Point b, Point at) {
        double dx = b.xMm() - a.xMm();
        double dy = b.yMm() - a.yMm();
        double length = dx * dx + dy * dy;
        double t = length == 0 ? 0 : Math.clamp(((at.xMm() - a.xMm()) * dx + (at.yMm() - a.yMm()) * dy) / length, 0, 1);
        return at.distanceMm(a.plus(t * dx, t * dy));
    }
}
