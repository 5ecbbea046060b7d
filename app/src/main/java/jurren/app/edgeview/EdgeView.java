package jurren.app.edgeview;

import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.geometry.Box;
import jurren.core.layer.CrossSection;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.formats.words.Words;
import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * The edge of the piece, widths at scale, thickness magnified. One line is shared by the benches that
 * show it.
 */
public final class EdgeView extends VBox {
    private static final double HEIGHT = 94;
    private static final double LEFT = 14;
    private static final double LEGEND = 190;
    private static final double CLOTH_PX = 14;
    private static final double BOTTOM_PX = 10;
    private static final double MOST_FILM_PX = 13;

    private final Session session;
    private final Canvas canvas = new Canvas();
    private final Label caption = Controls.caption("");
    private EdgeLine line = EdgeLine.MIDDLE;

    public EdgeView(Session session) {
        this.session = session;
        getStyleClass().add("edge-view");
        Pane holder = new Pane(canvas);
        holder.setMinHeight(HEIGHT - 24);
        holder.setPrefHeight(HEIGHT - 24);
        holder.widthProperty().addListener((_, _, w) -> {
            canvas.setWidth(w.doubleValue());
            draw();
        });
        canvas.setHeight(HEIGHT - 24);
        getChildren().addAll(caption, holder);
        setMinHeight(HEIGHT + 6);
        setAccessibleText(Texts.of("edge.name"));
    }

    public EdgeLine line() {
        return line;
    }

    public void drag(EdgeLine to) {
        line = to;
        update();
    }

    /** What is drawn now; empty before the first plan. */
    public CrossSection section() {
        if (session.linePlan().isEmpty() || session.sizePlan().isEmpty()) {
            return new CrossSection(1, List.of());
        }
        LinePlan plan = session.linePlan().get();
        SizePlan size = session.sizePlan().get();
        Box area = size.area().box();
        return CrossSection.of(size.layers(), line.from(area), line.to(area), _ -> plan.material().thicknessMm());
    }

    public void update() {
        session.sizePlan().ifPresent(s -> caption.setText(Texts.of("edge.caption",
                session.unit().format(line.yMm(s.area().box())), Math.round(section().thickestMm() * 1000))));
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        double w = canvas.getWidth();
        double h = canvas.getHeight();
        g.clearRect(0, 0, w, h);
        if (w < 1 || session.linePlan().isEmpty()) {
            return;
        }
        LinePlan plan = session.linePlan().get();
        CrossSection section = section();
        double scale = (w - LEFT - LEGEND) / section.lengthMm();
        double clothTop = h - BOTTOM_PX - CLOTH_PX;
        cloth(g, plan, section.lengthMm() * scale, clothTop);
        double filmPx = Math.min(MOST_FILM_PX,
                (clothTop - 4) / Math.max(1, section.thickestMm() / plan.material().thicknessMm()));
        double pxPerMm = filmPx / plan.material().thicknessMm();
        List<Layer> layers = session.sizePlan().orElseThrow().layers();
        for (CrossSection.Film film : section.films()) {
            double x = LEFT + film.along().fromMm() * scale;
            double y = clothTop - film.topMm() * pxPerMm;
            double width = Math.max(1, film.along().lengthMm() * scale);
            g.setFill(Theme.paint(layers.get(film.layer() - 1).colour()));
            g.fillRect(x, y, width, filmPx);
            g.setStroke(Color.web("#23262B", 0.35));
            g.setLineWidth(0.75);
            g.strokeRect(x, y, width, filmPx);
        }
        legend(g, plan, layers, w - LEGEND + 18, h);
    }

    private static void cloth(GraphicsContext g, LinePlan plan, double width, double top) {
        g.setFill(Theme.paint(plan.blankColour().colour()));
        g.fillRect(LEFT, top, width, CLOTH_PX);
        g.setStroke(Theme.lineOn(plan.blankColour().colour()).deriveColor(0, 1, 1, 0.35));
        g.setLineWidth(0.6);
        for (double x = LEFT; x < LEFT + width - CLOTH_PX / 2; x += 7) {
            g.strokeLine(x, top + CLOTH_PX, x + CLOTH_PX / 2, top);
        }
    }

    private static void legend(GraphicsContext g, LinePlan plan, List<Layer> layers, double x, double h) {
        double y = h - BOTTOM_PX - CLOTH_PX / 2;
        double step = Math.min(15, (h - 14) / (layers.size() + 1));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(javafx.geometry.VPos.CENTER);
        g.setFont(Theme.measure(11.5));
        g.setFill(Theme.INK);
        g.fillText(plan.blank().cloth().name(), x, y);
        for (Layer layer : layers) {
            y -= step;
            g.fillText(Words.layerName(plan, layer.order()) + " "
                    + Math.round(plan.material().thicknessMm() * 1000) + " µm", x, y);
        }
    }
}
