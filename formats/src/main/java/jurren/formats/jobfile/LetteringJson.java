package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jurren.core.art.Colouring;
import jurren.core.art.Lettering;
import jurren.core.geometry.Curves;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.CarriedGlyphs;
import jurren.core.lettering.Glyph;
import jurren.core.lettering.GlyphRun;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typeface;
import jurren.core.lettering.Typefaces;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;

/** Lettering as JSON and back. A font that does not ship with the application travels as the outlines of its lines. */
final class LetteringJson {
    /** Points a path step has, by its number in {@link PathIterator}. */
    private static final int[] POINTS = {1, 1, 2, 3, 0};

    private static final String STEPS = "MLQCZ";

    private LetteringJson() {}

    static void write(ObjectNode node, Lettering l) {
        Typesetting s = l.setting();
        node.put("text", l.text())
                .put("typeface", l.typeface().id())
                .put("capHeightMm", l.capHeightMm())
                .put("letterSpacing", s.letterSpacing())
                .put("wordSpacing", s.wordSpacing())
                .put("lineGap", s.lineGap())
                .put("align", Fields.lower(s.align()))
                .put("stretch", l.stretch());
        l.keptWidthMm().ifPresent(w -> node.put("keptWidthMm", w));
        node.put("colourBy", Fields.lower(l.colouring().by()));
        ArrayNode colours = node.putArray("colours");
        l.colouring().colours().forEach(c -> colours.add(c.hex()));
        baseline(node.putObject("baseline"), s.baseline());
        if (!s.shifts().isEmpty()) {
            ObjectNode shifts = node.putObject("shifts");
            new TreeMap<>(s.shifts())
                    .forEach((at, shift) -> shifts.putObject(String.valueOf(at))
                            .put("right", shift.right())
                            .put("down", shift.down())
                            .put("degrees", shift.degrees()));
        }
        if (!s.forms().isEmpty()) {
            ObjectNode forms = node.putObject("forms");
            new TreeMap<>(s.forms()).forEach((at, form) -> forms.put(String.valueOf(at), form));
        }
        if (Typefaces.carrying(l.typeface(), l.text()) instanceof NamedTypeface named) {
            carried(node.putObject("carried"), named.carried());
        }
    }

    private static void baseline(ObjectNode node, Baseline b) {
        switch (b) {
            case Baseline.Straight _ -> node.put("kind", "straight");
            case Baseline.Arc a -> node.put("kind", "arc").put("radiusMm", a.radiusMm());
            case Baseline.Circle c ->
                node.put("kind", "circle")
                        .put("radiusMm", c.radiusMm())
                        .put("startDegrees", c.startDegrees())
                        .put("mostDegrees", c.mostDegrees())
                        .put("foot", c.foot());
            case Baseline.Edge e ->
                node.put("kind", "edge")
                        .put("other", e.other())
                        .put("start", e.start())
                        .put("distanceMm", e.distanceMm());
        }
    }

    private static void carried(ObjectNode node, CarriedGlyphs carried) {
        new TreeMap<>(carried.lines()).forEach((line, run) -> {
            ObjectNode one = node.putObject(line).put("width", run.width());
            ArrayNode glyphs = one.putArray("glyphs");
            run.glyphs()
                    .forEach(g -> glyphs.addObject()
                            .put("at", g.at())
                            .put("x", g.x())
                            .put("advance", g.advance())
                            .put("path", path(g.outline())));
        });
    }

    private static String path(Curves curves) {
        StringBuilder text = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = curves.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            int step = it.currentSegment(c);
            text.append(STEPS.charAt(step));
            for (int i = 0; i < 2 * POINTS[step]; i++) {
                text.append(i == 0 ? "" : " ").append((float) c[i]);
            }
        }
        return text.toString();
    }

    static Lettering read(JsonNode n, String at) throws Broken {
        Typesetting setting = new Typesetting(
                n.path("letterSpacing").asDouble(0),
                n.path("wordSpacing").asDouble(0),
                n.path("lineGap").asDouble(Typesetting.USUAL.lineGap()),
                n.has("align") ? Fields.named(Typesetting.Align.class, n.path("align")) : Typesetting.USUAL.align(),
                baseline(n.path("baseline"), at + ".baseline"),
                shifts(n.path("shifts"), at),
                forms(n.path("forms"), at));
        return new Lettering(
                n.path("text").asText(),
                typeface(n, at),
                Fields.number(n, "capHeightMm", at),
                n.path("stretch").asDouble(1),
                n.has("keptWidthMm") ? Optional.of(Fields.number(n, "keptWidthMm", at)) : Optional.empty(),
                setting,
                colouring(n, at));
    }

    /** Jobs of the first format have one colour. */
    private static Colouring colouring(JsonNode n, String at) throws Broken {
        if (!n.has("colours")) {
            return Colouring.whole(Fields.colour(n, at));
        }
        List<Colour> colours = Fields.list(n, "colours", at, (c, p) -> Fields.hex(c.asText(), p));
        return new Colouring(Fields.named(Colouring.By.class, n.path("colourBy")), colours);
    }

    private static Baseline baseline(JsonNode n, String at) throws Broken {
        return switch (n.path("kind").asText("straight")) {
            case "straight" -> new Baseline.Straight();
            case "arc" -> new Baseline.Arc(Fields.number(n, "radiusMm", at));
            case "circle" ->
                new Baseline.Circle(
                        Fields.number(n, "radiusMm", at),
                        n.path("startDegrees").asDouble(0),
                        n.path("mostDegrees").asDouble(360),
                        n.path("foot").asBoolean());
            case "edge" ->
                new Baseline.Edge(
                        n.path("other").asText(),
                        n.path("start").asDouble(0),
                        n.path("distanceMm").asDouble(0));
            default -> throw Fields.unknown(n, at);
        };
    }

    private static Map<Integer, Typesetting.Shift> shifts(JsonNode n, String at) throws Broken {
        Map<Integer, Typesetting.Shift> shifts = new TreeMap<>();
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            JsonNode s = e.getValue();
            shifts.put(
                    place(e.getKey(), at),
                    new Typesetting.Shift(
                            Fields.numberOr(s, "right", at + ".shifts", 0),
                            Fields.numberOr(s, "down", at + ".shifts", 0),
                            Fields.numberOr(s, "degrees", at + ".shifts", 0)));
        }
        return shifts;
    }

    private static Map<Integer, Integer> forms(JsonNode n, String at) throws Broken {
        Map<Integer, Integer> forms = new TreeMap<>();
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            forms.put(place(e.getKey(), at), e.getValue().asInt());
        }
        return forms;
    }

    private static int place(String key, String at) throws Broken {
        return Fields.value(at, () -> Integer.parseInt(key));
    }

    private static Typeface typeface(JsonNode n, String at) throws Broken {
        String id = Fields.text(n, "typeface", at);
        if (!id.startsWith("font:")) {
            return ShippedTypeface.of(id);
        }
        Map<String, GlyphRun> lines = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> line : n.path("carried").properties()) {
            List<Glyph> glyphs = new ArrayList<>();
            for (JsonNode g : line.getValue().path("glyphs")) {
                glyphs.add(new Glyph(
                        g.path("at").asInt(),
                        g.path("x").asDouble(),
                        g.path("advance").asDouble(),
                        curves(g.path("path").asText(), at + ".carried")));
            }
            lines.put(
                    line.getKey(),
                    new GlyphRun(glyphs, line.getValue().path("width").asDouble()));
        }
        return new NamedTypeface(id.substring("font:".length()), new CarriedGlyphs(lines));
    }

    private static Curves curves(String path, String at) throws Broken {
        Path2D.Double shape = new Path2D.Double();
        for (String step : path.split("(?=[MLQCZ])")) {
            if (!step.isEmpty()) {
                Fields.value(at, () -> {
                    step(shape, step);
                    return shape;
                });
            }
        }
        return Curves.of(shape);
    }

    private static void step(Path2D shape, String step) {
        int kind = STEPS.indexOf(step.charAt(0));
        String[] parts = step.length() == 1 ? new String[0] : step.substring(1).split(" ");
        if (kind < 0 || parts.length != 2 * POINTS[kind] || kind > 0 && shape.getCurrentPoint() == null) {
            throw new IllegalArgumentException("\"" + step + "\" is no step of an outline");
        }
        double[] c = new double[6];
        for (int i = 0; i < parts.length; i++) {
            c[i] = Double.parseDouble(parts[i]);
            if (!Double.isFinite(c[i])) {
                throw new IllegalArgumentException("\"" + step + "\" is no step of an outline");
            }
        }
        switch (kind) {
            case PathIterator.SEG_MOVETO -> shape.moveTo(c[0], c[1]);
            case PathIterator.SEG_LINETO -> shape.lineTo(c[0], c[1]);
            case PathIterator.SEG_QUADTO -> shape.quadTo(c[0], c[1], c[2], c[3]);
            case PathIterator.SEG_CUBICTO -> shape.curveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
            default -> shape.closePath();
        }
    }
}
