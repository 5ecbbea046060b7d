package jurren.formats.dxf;

import java.awt.BasicStroke;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jurren.core.art.DrawingFile;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.FileUnit;

/**
 * Reads DXF as lines to follow; closed ones, and open ones that meet end to end, are shapes. The unit is
 * the file's own ($INSUNITS); a file without one is taken to be in millimetres, and said so.
 */
public final class DxfReader {
    private static final int DEEPEST = 16;
    private static final int MOST_ENTITIES = 200_000;
    /**
     * By the number that $INSUNITS has for it: inch, foot, mile, mm, cm, m, km, microinch, mil, yard, angstrom, nm, µm,
     * dm, dam, hm, Gm, survey foot.
     */
    private static final Map<Integer, Double> MM_OF_UNIT = Map.ofEntries(
            Map.entry(1, 25.4),
            Map.entry(2, 304.8),
            Map.entry(3, 1_609_344.0),
            Map.entry(4, 1.0),
            Map.entry(5, 10.0),
            Map.entry(6, 1000.0),
            Map.entry(7, 1e6),
            Map.entry(8, 25.4e-6),
            Map.entry(9, 0.0254),
            Map.entry(10, 914.4),
            Map.entry(11, 1e-7),
            Map.entry(12, 1e-6),
            Map.entry(13, 0.001),
            Map.entry(14, 100.0),
            Map.entry(15, 1e4),
            Map.entry(16, 1e5),
            Map.entry(17, 1e12),
            Map.entry(21, 1200 / 3937.0 * 1000));
    /** So far a line may run beside the curve it stands for. */
    private static final double CURVES_MM = 0.004;

    private static final int FROZEN = 1;
    private static final int COLOUR_OF_BLOCK = 0;
    private static final int COLOUR_OF_LAYER = 256;

    /** One group of an entity: its code and its value. */
    record Group(int code, String value) {
        double number() {
            try {
                double d = Double.parseDouble(value.strip());
                return Double.isFinite(d) && Math.abs(d) < 1e9 ? d : 0;
            } catch (NumberFormatException _) {
                return 0;
            }
        }
    }

    /** An entity or a table's entry: its kind and its groups. */
    record Entity(String kind, List<Group> groups) {
        double number(int code, double otherwise) {
            return groups.stream()
                    .filter(g -> g.code == code)
                    .findFirst()
                    .map(Group::number)
                    .orElse(otherwise);
        }

        String text(int code) {
            return groups.stream()
                    .filter(g -> g.code == code)
                    .findFirst()
                    .map(g -> g.value.strip())
                    .orElse("");
        }

        double[] all(int code) {
            return groups.stream()
                    .filter(g -> g.code == code)
                    .mapToDouble(Group::number)
                    .toArray();
        }
    }

    private final DrawingBuilder found = new DrawingBuilder();
    private final Map<String, List<Entity>> blocks = new HashMap<>();
    private final Map<String, Colour> layers = new HashMap<>();
    private final Set<String> hidden = new HashSet<>();
    private final List<Entity> entities = new ArrayList<>();
    private int units = -1;
    private int placed;

    private DxfReader() {}

    public static boolean looksLike(String head) {
        return head.replace("\r", "").matches("(?s)\\s*(999\\n[^\\n]*\\n\\s*)*0\\s*\\n\\s*SECTION\\s*\\n.*");
    }

    public static DrawingRead read(DrawingFile file) {
        List<String> lines =
                new String(file.content(), StandardCharsets.UTF_8).lines().toList();
        List<Group> groups = new ArrayList<>();
        for (int i = 0; i + 1 < lines.size(); i += 2) {
            try {
                groups.add(new Group(Integer.parseInt(lines.get(i).strip()), lines.get(i + 1)));
            } catch (NumberFormatException _) {
                return DrawingBuilder.refused(Reason.BROKEN_DRAWING, file, "line " + (i + 1) + " is no group code");
            }
        }
        DxfReader reader = new DxfReader();
        reader.sections(groups);
        reader.found.yUp();
        double mm = reader.unit();
        AffineTransform toMm = AffineTransform.getScaleInstance(mm, mm);
        reader.draw(reader.entities, toMm, new Colour(0x23262B), "0", 0);
        return reader.found.finish(file);
    }

    private double unit() {
        Double mm = MM_OF_UNIT.get(units);
        if (mm == null) {
            found.guessed(FileUnit.MM);
            return 1;
        }
        return mm;
    }

    private void sections(List<Group> groups) {
        String section = "";
        List<Entity> block = null;
        String blockName = "";
        for (int i = 0; i < groups.size(); ) {
            Group g = groups.get(i);
            if (g.code == 9 && g.value.strip().equals("$INSUNITS") && i + 1 < groups.size()) {
                units = (int) groups.get(i + 1).number();
            }
            if (g.code != 0) {
                i++;
                continue;
            }
            int end = i + 1;
            while (end < groups.size() && groups.get(end).code != 0 && groups.get(end).code != 9) {
                end++;
            }
            Entity e = new Entity(g.value.strip(), groups.subList(i + 1, end));
            switch (e.kind) {
                case "SECTION" -> section = e.text(2);
                case "LAYER" -> {
                    layers.put(e.text(2), colour(e, new Colour(0x23262B), new Colour(0x23262B)));
                    // switched off has a negative colour
                    if (((int) e.number(70, 0) & FROZEN) != 0 || e.number(62, 0) < 0) {
                        hidden.add(e.text(2));
                    }
                }
                case "BLOCK" -> {
                    block = new ArrayList<>();
                    blockName = e.text(2);
                    // what a block is put at is its base point
                    block.add(e);
                }
                case "ENDBLK" -> {
                    if (block != null) {
                        blocks.put(blockName, block);
                    }
                    block = null;
                }
                default -> {
                    if (block != null) {
                        block.add(e);
                    } else if (section.equals("ENTITIES")) {
                        entities.add(e);
                    }
                }
            }
            i = end;
        }
    }

    /** @param onto the layer of what is in a block and on no layer of its own */
    private void draw(List<Entity> all, AffineTransform toMm, Colour ofBlock, String onto, int depth) {
        for (int i = 0; i < all.size(); i++) {
            Entity e = all.get(i);
            if (++placed > MOST_ENTITIES) {
                throw new DrawingBuilder.TooMuch();
            }
            if (e.number(60, 0) == 1 || hidden.contains(e.text(8))) {
                found.note(DrawingRead.Note.HIDDEN_LEFT_OUT);
                continue;
            }
            String layer = e.text(8).equals("0") || e.text(8).isEmpty() ? onto : e.text(8);
            found.onLayer(layer);
            Colour colour = colour(e, layers.getOrDefault(e.text(8), new Colour(0x23262B)), ofBlock);
            if (e.kind.equals("INSERT")) {
                insert(e, toMm, colour, layer, depth);
            } else if (e.kind.equals("POLYLINE")) {
                List<Entity> vertices = new ArrayList<>();
                while (i + 1 < all.size() && all.get(i + 1).kind.equals("VERTEX")) {
                    vertices.add(all.get(++i));
                }
                if (!wide(e, vertices, toMm, colour)) {
                    line(DxfShapes.polyline(e, vertices), e, toMm, colour);
                }
            } else if (e.kind.equals("TEXT") || e.kind.equals("MTEXT")) {
                found.note(DrawingRead.Note.TEXT_LEFT_OUT);
            } else if (e.kind.equals("IMAGE")) {
                found.note(DrawingRead.Note.PICTURES_LEFT_OUT);
            } else if (!e.kind.equals("LWPOLYLINE") || !wide(e, List.of(), toMm, colour)) {
                DxfShapes.of(e, CURVES_MM / Math.max(1e-12, Math.sqrt(Math.abs(toMm.getDeterminant()))))
                        .ifPresent(s -> line(s, e, toMm, colour));
            }
        }
    }

    /** A polyline that is as wide as a line that is painted covers an area. */
    private boolean wide(Entity e, List<Entity> vertices, AffineTransform toMm, Colour colour) {
        Optional<Shape> area = DxfWidths.of(e, vertices);
        area.ifPresent(a -> filled(a, e, toMm, colour));
        return area.isPresent();
    }

    private void filled(Shape shape, Entity e, AffineTransform toMm, Colour colour) {
        AffineTransform place = new AffineTransform(toMm);
        if (e.number(230, 1) < 0) {
            // drawn on the back of the plane: left and right change places
            place.scale(-1, 1);
        }
        found.fill(shape, place, colour, Optional.empty());
    }

    private void line(Shape shape, Entity e, AffineTransform toMm, Colour colour) {
        if (e.kind.equals("HATCH")) {
            if (e.number(70, 1) == 0) { // drawn with a pattern of lines, which becomes its colour
                found.note(DrawingRead.Note.SHADES_AS_ONE_COLOUR);
            }
            filled(shape, e, toMm, colour);
            return;
        }
        AffineTransform place = new AffineTransform(toMm);
        if (e.number(230, 1) < 0) {
            place.scale(-1, 1);
        }
        found.stroke(shape, new BasicStroke(0), place, colour, false, Optional.empty());
    }

    private void insert(Entity e, AffineTransform toMm, Colour colour, String layer, int depth) {
        List<Entity> block = blocks.get(e.text(2));
        if (block == null || depth >= DEEPEST) {
            found.note(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
            return;
        }
        int columns = (int) Math.clamp(e.number(70, 1), 1, 1000);
        int rows = (int) Math.clamp(e.number(71, 1), 1, 1000);
        for (int c = 0; c < columns; c++) {
            for (int r = 0; r < rows; r++) {
                if (++placed > MOST_ENTITIES) {
                    throw new DrawingBuilder.TooMuch();
                }
                AffineTransform place = new AffineTransform(toMm);
                place.translate(e.number(10, 0), e.number(20, 0));
                place.rotate(Math.toRadians(e.number(50, 0)));
                place.translate(c * e.number(44, 0), r * e.number(45, 0));
                place.scale(nonZero(e.number(41, 1)), nonZero(e.number(42, 1)));
                place.translate(
                        -block.getFirst().number(10, 0), -block.getFirst().number(20, 0));
                draw(block.subList(1, block.size()), place, colour, layer, depth + 1);
            }
        }
    }

    private static double nonZero(double scale) {
        return scale == 0 ? 1 : scale;
    }

    private static Colour colour(Entity e, Colour ofLayer, Colour ofBlock) {
        double exact = e.number(420, -1);
        if (exact >= 0) {
            return new Colour((int) exact & 0xFFFFFF);
        }
        int index = Math.abs((int) e.number(62, COLOUR_OF_LAYER));
        return index == COLOUR_OF_LAYER ? ofLayer : index == COLOUR_OF_BLOCK ? ofBlock : DxfColours.of(index);
    }
}
