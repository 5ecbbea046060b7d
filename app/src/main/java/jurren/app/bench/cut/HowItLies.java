package jurren.app.bench.cut;

import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.layer.Fabrication;

/** The film in the cutter from the side: what is up, what is under it, and how far down the knife goes. */
final class HowItLies {
    private static final double WIDTH = 250;
    private static final double HEIGHT = 82;
    private static final double MACHINE = 58;
    private static final double FILM_TOP = 44;
    private static final double FILM = 9;
    private static final double CARRIER = 6;
    private static final double MAT = 5;
    private static final double KNIFE_X = 34;
    private static final Color CARRIER_COLOUR = Color.web("#C9CDD3");
    private static final Color MAT_COLOUR = Theme.MAT;
    private static final Color MACHINE_COLOUR = Color.web("#3B4048");

    private HowItLies() {}

    static Canvas of(CutRun run) {
        Canvas canvas = new Canvas(WIDTH, HEIGHT);
        boolean printed =
                run.load().placed().stream().anyMatch(p -> p.item().layer().isPrint());
        boolean reversed = run.load().placed().stream().anyMatch(p -> p.item().turnedOver());
        boolean through = run.load().placed().stream()
                .anyMatch(p -> p.item().layer().making().cut() == Fabrication.Cut.THROUGH);
        boolean mat = run.load().isOnMat(run.cutter());
        String up = Texts.of(printed ? "lies.print" : reversed ? "lies.dull" : "lies.face");
        canvas.setAccessibleText(
                Texts.of(mat ? "lies.says-mat" : "lies.says", up, Texts.of(through ? "lies.through" : "lies.kiss")));
        draw(canvas.getGraphicsContext2D(), run, up, through, mat);
        return canvas;
    }

    private static void draw(GraphicsContext g, CutRun run, String up, boolean through, boolean mat) {
        Color film = Theme.paint(run.load().colour());
        double carrierTop = FILM_TOP + FILM;
        g.setFill(film);
        g.fillRect(0, FILM_TOP, WIDTH, FILM);
        g.setFill(CARRIER_COLOUR);
        g.fillRect(0, carrierTop, WIDTH, CARRIER);
        if (mat) {
            g.setFill(MAT_COLOUR);
            g.fillRect(0, carrierTop + CARRIER, WIDTH, MAT);
        }
        g.setStroke(Theme.SOFT);
        g.setLineWidth(1);
        g.strokeRect(-1, FILM_TOP, WIDTH + 2, FILM + CARRIER + (mat ? MAT : 0));
        g.strokeLine(0, carrierTop, WIDTH, carrierTop);
        g.setFill(MACHINE_COLOUR);
        g.fillRoundRect(4, 4, MACHINE, 26, 6, 6);
        double tip = through ? carrierTop + CARRIER : carrierTop;
        g.setFill(Theme.PLUM);
        g.fillPolygon(new double[] {KNIFE_X - 4, KNIFE_X + 4, KNIFE_X}, new double[] {30, 30, tip}, 3);
        g.setStroke(Color.WHITE);
        g.strokePolygon(new double[] {KNIFE_X - 4, KNIFE_X + 4, KNIFE_X}, new double[] {30, 30, tip}, 3);
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.LEFT);
        g.setFont(Theme.text(12));
        g.setFill(Theme.INK);
        g.fillText(up, MACHINE + 14, FILM_TOP - 12);
        String under = Texts.of(mat ? "lies.under-mat" : "lies.under");
        g.fillText(under, MACHINE + 14, carrierTop + CARRIER + (mat ? MAT : 0) + 12);
        g.fillText(Texts.of(through ? "lies.through" : "lies.kiss"), MACHINE + 14, 16);
    }
}
