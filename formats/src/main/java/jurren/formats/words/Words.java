package jurren.formats.words;

import jurren.core.art.Motif;
import jurren.core.finish.Step;
import jurren.core.layer.Join;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.snag.Snag;
import jurren.formats.Refusal;
import jurren.formats.svg.SvgRead;
import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.stream.Collectors;

/** Sentences about a plan, with lengths in one unit. */
public final class Words {
    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("jurren.formats.words.words");

    private final LengthUnit unit;

    public Words(LengthUnit unit) {
        this.unit = unit;
    }

    public LengthUnit unit() {
        return unit;
    }

    static String text(String key, Object... values) {
        return new MessageFormat(TEXTS.getString(key), Locale.ROOT).format(values);
    }

    private static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** One sentence that names the thing and says what to do. */
    public String refusal(Refusal r) {
        return text("refusal." + key(r.reason()), r.file(), r.detail());
    }

    public String note(SvgRead.Note note) {
        return text("note." + key(note));
    }

    /** Why a layer is reversed or not. */
    public String why(Process process) {
        return text("why." + key(process));
    }

    public String join(Join join) {
        return switch (join) {
            case Join.LaidOver _ -> text("join.laid-over");
            case Join.KnockedOut k -> text("join.knocked-out", unit.fine(k.overlapMm()));
            case Join.Butted b -> text("join.butted", unit.fine(b.gapMm()));
        };
    }

    /** The short name of a kind of snag, as scripts know it. */
    public static String kind(Snag snag) {
        return snag.getClass().getSimpleName().replaceAll("([a-z])([A-Z])", "$1-$2").toLowerCase(Locale.ROOT);
    }

    public String snag(Snag snag, Plan plan) {
        return switch (snag) {
            case Snag.NoArt s -> text("snag.no-art", s.line());
            case Snag.EmptyLettering s -> text("snag.empty-lettering", s.line(), s.motifName());
            case Snag.MissingGlyph s -> text("snag.missing-glyph", s.line(), s.typeface(), s.character());
            case Snag.OpenPath s -> text("snag.open-path", s.line(), s.motifName(), s.lines());
            case Snag.NotWelded s -> text("snag.not-welded", s.line(), s.motifName(), s.parts());
            case Snag.BeyondBlank s -> text(s.across() ? "snag.beyond-blank.across" : "snag.beyond-blank.down",
                    s.line(), unit.format(s.artMm()), s.sizeId(), unit.format(s.blankMm()));
            case Snag.OutsideArea s -> text("snag.outside-area", s.line(), unit.format(s.overMm()), s.sizeId());
            case Snag.BeyondPlaten s -> text("snag.beyond-platen", s.line(), unit.format(s.overMm()), s.sizeId());
            case Snag.ThinPart s -> text("snag.thin-part", s.line(), layer(plan, s), unit.fine(s.widthMm()),
                    s.sizeId(), unit.fine(s.leastMm()));
            case Snag.TooManyFilms s -> text("snag.too-many-films", s.line(), s.films(), s.most());
            case Snag.NothingHoldsOn s -> text("snag.nothing-holds-on", s.line(), s.material(), layer(plan, s));
            case Snag.NotOnRoll s -> text("snag.not-on-roll", s.line(), layer(plan, s), s.sizeId(),
                    unit.format(s.acrossMm()), unit.format(s.usableMm()));
            case Snag.RollTooShort s -> text(s.leftMm() == 0 ? "snag.roll-too-short.none" : "snag.roll-too-short",
                    s.load(), s.colourName(), unit.film(s.neededMm()), unit.film(s.leftMm()));
            case Snag.TooMuchHeat s -> text("snag.too-much-heat", s.line(), layer(plan, s), s.seconds(), s.mostSeconds());
            case Snag.TooHot s -> text(s.forCloth() ? "snag.too-hot.cloth" : "snag.too-hot.press", s.line(),
                    s.celsius(), s.mostCelsius());
        };
    }

    private static String layer(Plan plan, Snag snag) {
        return plan.line(snag.line()).map(l -> layerName(l, snag.layer())).orElse("");
    }

    /** The colour's name on the shelf; 0 is the cloth. */
    public static String layerName(LinePlan line, int layer) {
        if (layer == 0) {
            return line.blank().cloth().name();
        }
        return line.drawn().layers().stream().filter(l -> l.order() == layer).findFirst()
                .map(l -> line.material().colourName(l.colour())).orElse("");
    }

    public String stepTitle(Step step, LinePlan line) {
        return text("step." + key(step.kind()), layerName(line, step.layer()));
    }

    public String stepText(Step step, LinePlan line) {
        boolean last = step.layer() == line.drawn().layers().size();
        String variant = switch (step.kind()) {
            case TACK -> step.layer() == 1 ? ".first" : "";
            case PEEL -> "." + key(step.peel());
            case PRESS -> last && line.drawn().layers().size() > 1 ? "" : ".only";
            default -> "";
        };
        return text("step." + key(step.kind()) + ".text" + variant, layerName(line, step.layer()));
    }

    public String pressure(Step step) {
        return text("pressure." + key(step.pressure()));
    }

    public String peel(Material material) {
        return text("peel." + key(material.recipe().peel()));
    }

    /** {@code 155 °C · 3 s}, in the degrees that go with the unit of length. */
    public String heat(Step step) {
        return degrees(step.celsius()) + " · " + seconds(step.seconds());
    }

    public String degrees(double celsius) {
        return unit == LengthUnit.INCH ? Math.round(celsius * 9 / 5 + 32) + " °F" : Math.round(celsius) + " °C";
    }

    public static String seconds(double s) {
        return s < 90 ? Math.round(s) + " s" : duration(s);
    }

    /** {@code 1:05}, {@code 12 min}, {@code 1 h 05 min}. */
    public static String duration(double s) {
        long whole = Math.round(s);
        if (whole < 600) {
            return "%d:%02d min".formatted(whole / 60, whole % 60);
        }
        long minutes = Math.round(s / 60);
        return minutes < 60 ? minutes + " min" : "%d h %02d min".formatted(minutes / 60, minutes % 60);
    }

    public static String money(double amount, String currency) {
        return currency + String.format(Locale.ROOT, "%.2f", amount);
    }

    /** {@code S2 M4 L4}. */
    public static String sizeRun(LinePlan line) {
        return line.sizes().stream().filter(s -> s.count() > 0).map(s -> s.size().id() + "·" + s.count())
                .collect(Collectors.joining("  "));
    }

    public String artSize(LinePlan line) {
        return line.drawn().artBounds().map(b -> unit.number(b.widthMm()) + " × " + unit.format(b.heightMm()))
                .orElse("–");
    }

    public static String motifs(LinePlan line) {
        return line.line().motifs().stream().map(Motif::name).collect(Collectors.joining(", "));
    }

    public String blankLine(LinePlan line) {
        return text("blank.line", line.blank().name(), line.blankColour().name(), line.blank().cloth().name());
    }

    public String reversedLine(LinePlan line) {
        int n = line.drawn().layers().size();
        return text(line.material().process().turnedOver() ? "layers.reversed" : "layers.straight", n,
                line.material().name());
    }
}
