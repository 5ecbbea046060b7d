package jurren.formats.svg;

import java.awt.font.FontRenderContext;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.text.AttributedCharacterIterator;
import org.apache.batik.bridge.GlyphLayout;
import org.apache.batik.gvt.font.GVTGlyphMetrics;

/**
 * A run of letters set by how far each goes on, as SVG 2, 11.4 and 11.8, means it: the library goes by what is seen of
 * them, both for a length that is said and along a path.
 */
final class SetLine extends GlyphLayout {
    private float stretch = 1;

    SetLine(AttributedCharacterIterator text, int[] places, Point2D offset, FontRenderContext context) {
        super(text, places, offset, context);
    }

    @Override
    public void setScale(float across, float down, boolean onlySpacing) {
        stretch = isVertical() ? 1 : across;
        super.setScale(across, down, onlySpacing);
    }

    @Override
    public GVTGlyphMetrics getGlyphMetrics(int i) {
        GVTGlyphMetrics seen = super.getGlyphMetrics(i);
        Rectangle2D box = seen.getBounds2D();
        return isVertical()
                ? seen
                : new GVTGlyphMetrics(
                        seen.getHorizontalAdvance(),
                        seen.getVerticalAdvance(),
                        new Rectangle2D.Double(0, box.getY(), seen.getHorizontalAdvance(), box.getHeight()),
                        (byte) seen.getType());
    }

    /** Where only the room between letters is stretched, every gap grows by as much. */
    @Override
    protected void applyStretchTransform(boolean letters) {
        int count = gv.getNumGlyphs();
        if (letters || isVertical() || stretch == 1 || count < 2) {
            super.applyStretchTransform(letters);
            return;
        }
        float[] at = gv.getGlyphPositions(0, count + 1, null);
        float more = (stretch - 1) * (at[2 * (count - 1)] - at[0]) / (count - 1);
        for (int i = 0; i <= count; i++) {
            gv.setGlyphPosition(i, new Point2D.Float(at[2 * i] + i * more, at[2 * i + 1]));
        }
        advance = new Point2D.Float((float) (advance.getX() + (count - 1) * more), (float) advance.getY());
        layoutApplied = false;
    }

    @Override
    protected void doPathLayout() {
        if (gv instanceof KernedFont.Row row) {
            row.boxesOnly(true);
            super.doPathLayout();
            row.boxesOnly(false);
        } else {
            super.doPathLayout();
        }
    }
}
