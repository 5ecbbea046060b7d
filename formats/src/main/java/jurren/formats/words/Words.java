package jurren.formats.words;

import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.ResourceBundle;
import java.util.stream.Collectors;
import jurren.core.art.Motif;
import jurren.core.blank.Family;
import jurren.core.blank.Form;
import jurren.core.blank.Obstacle;
import jurren.core.cure.Cure;
import jurren.core.cure.Remedies;
import jurren.core.dryrun.Comparison;
import jurren.core.dryrun.PressedPiece;
import jurren.core.finish.Press;
import jurren.core.finish.Solved;
import jurren.core.finish.Step;
import jurren.core.hold.Verdict;
import jurren.core.job.Shop;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.load.Load;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.Refusal;
import jurren.formats.drawing.DrawingRead;

/** Sentences about a plan, with lengths in one unit. */
public final class Words {
    private static final ResourceBundle TEXTS = ResourceBundle.getBundle("jurren.formats.words.words");

    /** What scorches is hotter than this, or no longer. */
    private static final double SECONDS_NOT_DEGREES = 100;

    private final LengthUnit unit;
    private final HeatUnit heat;
    private final StepWords steps = new StepWords(this);

    public Words(Units units) {
        this.unit = units.length();
        this.heat = units.heat();
    }

    public LengthUnit unit() {
        return unit;
    }

    static String text(String key, Object... values) {
        return Sentence.of(TEXTS.getString(key), values);
    }

    static String key(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** One sentence that names the thing and says what to do. */
    public String refusal(Refusal r) {
        String kind = "file." + r.detail();
        return text("refusal." + key(r.reason()), r.file(), TEXTS.containsKey(kind) ? text(kind) : r.detail());
    }

    public String note(DrawingRead.Note note) {
        return text("note." + key(note));
    }

    /** Why a layer is reversed or not. */
    public static String why(Layer layer) {
        return text("why." + key(layer.material().process()));
    }

    /** How a layer is made, in a few words. */
    public static String made(Layer layer) {
        String how = layer.isPrint()
                ? layer.isCut() ? "printed-cut" : "printed"
                : key(layer.role()) + "." + key(layer.making().cut());
        return text("made." + how + (layer.making().reversed() ? ".reversed" : ""));
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
        return snag.getClass()
                .getSimpleName()
                .replaceAll("([a-z])([A-Z])", "$1-$2")
                .toLowerCase(Locale.ROOT);
    }

    public String snag(Snag snag, Plan plan) {
        return switch (snag) {
            case Snag.NoArt s -> text("snag.no-art", s.line());
            case Snag.EmptyLettering s -> text("snag.empty-lettering", s.line(), s.motifName());
            case Snag.MissingGlyph s -> text("snag.missing-glyph", s.line(), s.typeface(), s.character());
            case Snag.FontMissing s -> text("snag.font-missing", s.motifName(), s.font());
            case Snag.NothingToFollow s -> text("snag.nothing-to-follow", s.motifName(), treatment(s.treatment()));
            case Snag.NothingLeft s -> text("snag.nothing-left", s.motifName(), treatment(s.treatment()));
            case Snag.TooMuch s -> text("snag.too-much", s.motifName(), treatment(s.treatment()));
            case Snag.TooLarge s ->
                text("snag.too-large", s.motifName(), unit.film(s.reachMm()), unit.film(s.mostMm()));
            case Snag.NoEffect s -> text("snag.no-effect", s.motifName(), treatment(s.treatment()));
            case Snag.LooseIsland s -> text("snag.loose-island", s.islands());
            case Snag.OpenPath s -> text("snag.open-path", s.line(), s.motifName(), s.lines());
            case Snag.NotWelded s -> text("snag.not-welded", s.line(), s.motifName(), s.parts());
            case Snag.BeyondBlank s ->
                text(
                        s.across() ? "snag.beyond-blank.across" : "snag.beyond-blank.down",
                        s.line(),
                        unit.format(s.artMm()),
                        s.sizeId(),
                        unit.format(s.blankMm()));
            case Snag.OutsideArea s -> text("snag.outside-area", s.line(), unit.format(s.overMm()), s.sizeId());
            case Snag.OverWrap s ->
                text("snag.over-wrap", s.line(), unit.format(s.overMm()), unit.format(s.roundMm()), s.sizeId());
            case Snag.InTheWay s ->
                text(
                        "snag.in-the-way",
                        s.line(),
                        text("obstacle." + key(s.kind())),
                        s.sizeId(),
                        unit.format(s.overMm()));
            case Snag.NoRoom s -> text("snag.no-room", s.line(), s.sizeId());
            case Snag.SplitPress s ->
                text("snag.split-press", s.line(), s.positions(), unit.format(s.sharedMm()), s.sizeId());
            case Snag.DoesNotHold s -> text("snag.does-not-hold", s.line(), s.material(), reason(s.verdict()));
            case Snag.HoldsWithCare s -> text("snag.holds-with-care", s.line(), s.material(), reason(s.verdict()));
            case Snag.PictureNotCut s -> text("snag.picture-not-cut", s.line(), s.motifName(), s.material());
            case Snag.HalfTransparent s -> text("snag.half-transparent", s.motifName(), s.material());
            case Snag.FineInk s -> text("snag.fine-ink", unit.fine(s.widthMm()), s.sizeId(), unit.fine(s.leastMm()));
            case Snag.FineGap s -> text("snag.fine-gap", unit.fine(s.apartMm()), unit.fine(s.leastMm()));
            case Snag.CutSolid s -> text(s.shadows() ? "snag.cut-solid.shadows" : "snag.cut-solid", s.motifName());
            case Snag.CoarsePicture s ->
                text(
                        "snag.coarse-picture",
                        s.motifName(),
                        Math.round(s.perInch()),
                        s.sizeId(),
                        Math.round(s.leastPerInch()));
            case Snag.NoPress s ->
                text(
                        "snag.no-press",
                        s.line(),
                        text("press." + key(s.wanted())),
                        text("press." + key(s.instead())),
                        s.gravity() == Snag.Gravity.LOOK ? 1 : 0);
            case Snag.BeyondPlaten s -> text("snag.beyond-platen", s.line(), unit.format(s.overMm()), s.sizeId());
            case Snag.ThinPart s ->
                text(
                        s.tears() ? "snag.thin-part.tears" : "snag.thin-part",
                        s.line(),
                        layer(plan, s),
                        unit.fine(s.widthMm()),
                        s.sizeId(),
                        unit.fine(s.leastMm()));
            case Snag.Crumbs s -> text("snag.crumbs", layer(plan, s), s.crumbs());
            case Snag.WillLift s -> text("snag.will-lift", layer(plan, s), s.parts(), unit.fine(s.leastMm()));
            case Snag.Spikes s -> text("snag.spikes", layer(plan, s), s.spikes());
            case Snag.DoubledLine s -> text("snag.doubled-line", layer(plan, s), unit.fine(s.apartMm()));
            case Snag.HairlineGap s -> text("snag.hairline-gap", unit.fine(s.apartMm()));
            case Snag.LostCounters s ->
                text("snag.lost-counters", s.motifName(), s.counters(), treatment(s.treatment()));
            case Snag.SeveralPieces s -> text("snag.several-pieces", s.motifName(), s.pieces());
            case Snag.TooManyFilms s -> text("snag.too-many-films", s.line(), s.films(), s.most());
            case Snag.NothingHoldsOn s -> text("snag.nothing-holds-on", s.line(), s.material(), layer(plan, s));
            case Snag.NoSuchPlace s -> text("snag.no-such-place", s.line(), s.faceId());
            case Snag.NotSold s ->
                text("snag.not-sold", s.material(), plan.shop().colourName(s.wanted()), s.nearest());
            case Snag.NotOnMat s ->
                text(
                        "snag.not-on-mat",
                        s.line(),
                        layer(plan, s),
                        s.sizeId(),
                        unit.number(s.widthMm()),
                        unit.format(s.lengthMm()),
                        unit.number(s.acrossMm()),
                        unit.format(s.alongMm()),
                        s.frameMm() > 0 ? 1 : 0);
            case Snag.NotOnRoll s ->
                text(
                        "snag.not-on-roll",
                        s.line(),
                        layer(plan, s),
                        s.sizeId(),
                        unit.format(s.acrossMm()),
                        unit.format(s.usableMm()),
                        s.frameMm() > 0 ? 1 : 0);
            case Snag.NotOnPaper s ->
                text("snag.not-on-paper", s.line(), s.sizeId(), unit.format(s.acrossMm()), unit.format(s.usableMm()));
            case Snag.RollTooShort s ->
                text(
                        s.leftMm() == 0 ? "snag.roll-too-short.none" : "snag.roll-too-short",
                        s.load(),
                        s.colourName(),
                        apart(s.neededMm(), s.leftMm()),
                        apart(s.leftMm(), s.neededMm()));
            case Snag.LaidAnew s ->
                s.stock().isEmpty()
                        ? text("snag.laid-anew", s.colourName())
                        : text("snag.laid-anew.gone", s.colourName(), String.join(", ", s.stock()));
            case Snag.PressClash s -> steps.clash(s, plan);
        };
    }

    /** Lengths of film that would read the same are told more closely. */
    private String apart(double mm, double otherMm) {
        return unit.film(mm).equals(unit.film(otherMm)) ? unit.fine(mm) : unit.film(mm);
    }

    /** The same, and what was tried in vain. */
    public String snag(Snag snag, Plan plan, Remedies remedies) {
        return snag(snag, plan) + (remedies.patternStuck().contains(snag) ? " " + text("snag.pattern-stuck") : "");
    }

    /** What a cure does, as its button says it. */
    public String cure(Cure cure) {
        String figure = cure.kind().isLength()
                ? cure.kind() == Cure.Kind.SMALLER || cure.kind() == Cure.Kind.LARGER
                        ? unit.format(cure.figure())
                        : unit.fine(cure.figure())
                : "";
        String name = cure.kind() == Cure.Kind.REMOVE_TREATMENT ? treatment(cure.name()) : cure.name();
        return text("cure." + key(cure.kind()), figure, Math.round(cure.figure()), name);
    }

    /** What came out from under the press, in a sentence. */
    public String pressed(PressedPiece p, PressedPiece.Fault f, Plan plan) {
        String layer = plan.line(p.lineId(), p.place())
                .map(l -> layerName(l, f.layer()))
                .orElse("");
        String figure = f.figure() == 0
                ? ""
                : f.came() == PressedPiece.Outcome.SCORCHED && f.figure() < SECONDS_NOT_DEGREES
                        ? seconds(f.figure())
                        : degrees(f.figure());
        return text("pressed." + key(f.came()), p.lineId(), p.size(), layer, figure);
    }

    /** Which piece of a dry run is meant. */
    public String where(Comparison c) {
        return text("dry-run.where", c.lineId(), c.size(), c.copy());
    }

    private static String layer(Plan plan, Snag snag) {
        return plan.line(snag).map(l -> layerName(l, snag.layer())).orElse("");
    }

    /** What a load is taken off the shelf as: what is stuck behind glass is sold as vinyl like any other. */
    public static String filmName(Load load, Shop shop) {
        return shop.material(load.stock().materialId()).orElse(load.material()).name();
    }

    /** The colour's name on the shelf, or the print's; 0 is the thing itself. */
    public static String layerName(LinePlan line, int layer) {
        if (layer == 0) {
            return line.madeOf().name();
        }
        return line.drawn().layers().stream()
                .filter(l -> l.order() == layer)
                .findFirst()
                .map(l -> layerName(line, l))
                .orElse("");
    }

    /** Of a film its colour; of a print or a base its material. */
    public static String layerName(LinePlan line, Layer layer) {
        return layer.panel()
                .map(p -> text("layer.panel", whole(line, layer), p.number(), p.of()))
                .orElseGet(() -> whole(line, layer));
    }

    /** The colour; with its film where another film of the line has a colour of that name too. */
    private static String film(LinePlan line, Layer layer) {
        String name = layer.material().colourName(layer.colour());
        boolean twice = line.drawn().layers().stream()
                .anyMatch(l -> l.role() == Layer.Role.FILM
                        && !l.material().id().equals(layer.material().id())
                        && l.material().colourName(l.colour()).equals(name));
        return twice ? text("layer.film", name, layer.material().name()) : name;
    }

    private static String whole(LinePlan line, Layer layer) {
        return switch (layer.role()) {
            case FILM -> film(line, layer);
            case PRINT ->
                line.drawn().layers().stream()
                                .noneMatch(l ->
                                        l.role() == Layer.Role.BASE && l.film().equals(layer.film()))
                        ? layer.material().name()
                        : text("layer.print");
            case BASE -> text("layer.base", layer.material().colourName(layer.stock()));
            case PLATE -> text("layer.plate", layer.material().colourName(layer.colour()));
        };
    }

    /** Why it holds or not, in one sentence. */
    public String reason(Verdict v) {
        return switch (v.reason()) {
            case TOO_HOT, MOVES_THE_DYE -> text("holds." + key(v.reason()), degrees(v.first()), degrees(v.second()));
            default -> text("holds." + key(v.reason()), Math.round(v.first()), Math.round(v.second()));
        };
    }

    public static String answer(Verdict v) {
        return text("answer." + key(v.answer()));
    }

    public static String process(Process process) {
        return text("process." + key(process));
    }

    /** A sentence of this bundle, for what has words of its own elsewhere. */
    public static String sentence(String key, Enum<?> which, Object... values) {
        return text(key + "." + key(which), values);
    }

    /** The name of a kind of treatment. */
    public static String treatment(String id) {
        return text("treatment." + id);
    }

    public static String family(Family family) {
        return text("family." + key(family));
    }

    public static String obstacle(Obstacle.Kind kind) {
        return text("obstacle." + key(kind));
    }

    public static String measure(Form.Measure measure) {
        return text("measure." + key(measure));
    }

    public static String press(Press.Kind kind) {
        return text("press." + key(kind));
    }

    public String stepTitle(Step step, LinePlan line) {
        return steps.title(step, line);
    }

    /** @param size whose piece it is */
    public String stepText(Step step, LinePlan line, SizePlan size) {
        return steps.text(step, line, size);
    }

    public String stepText(Step step, LinePlan line) {
        return steps.text(step, line, line.drawn());
    }

    /** How sure it is that nothing shorter is allowed. */
    public static String proof(Solved solved) {
        return StepWords.proof(solved);
    }

    public String pressure(Step step) {
        return text("pressure." + key(step.pressure()));
    }

    public String peel(Material material) {
        return material.recipe().map(r -> text("peel." + key(r.peel()))).orElse("");
    }

    /** {@code 155 °C · 3 s}. */
    public String heat(Step step) {
        return degrees(step.celsius()) + " · " + seconds(step.seconds());
    }

    public String degrees(double celsius) {
        return heat.format(celsius);
    }

    public static String seconds(double s) {
        return s < 90 ? Math.round(s) + " s" : duration(s);
    }

    /** {@code 1:05}, {@code 12 min}, {@code 1 h 05 min}. */
    public static String duration(double s) {
        long whole = Math.round(s);
        if (whole < 600) {
            return String.format(Locale.ROOT, "%d:%02d min", whole / 60, whole % 60);
        }
        long minutes = Math.round(s / 60);
        return minutes < 60
                ? minutes + " min"
                : String.format(Locale.ROOT, "%d h %02d min", minutes / 60, minutes % 60);
    }

    /** {@code Sat 10:15}. */
    public static String clock(LocalDateTime at) {
        return at.format(DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH));
    }

    public static String money(double amount, String currency) {
        return currency + String.format(DecimalSign.locale(), "%.2f", amount);
    }

    /** {@code S·2  M·4  L·4}; {@code × 6} where there is but one size. */
    public static String sizeRun(LinePlan line) {
        if (line.blank().sizes().size() < 2) {
            return "× " + line.line().copies();
        }
        return line.sizes().stream()
                .filter(s -> s.count() > 0)
                .map(s -> s.id() + "·" + s.count())
                .collect(Collectors.joining("  "));
    }

    public String artSize(LinePlan line) {
        return line.drawn()
                .artBounds()
                .map(b -> unit.number(b.widthMm()) + " × " + unit.format(b.heightMm()))
                .orElse("–");
    }

    public static String motifs(LinePlan line) {
        return line.line().motifs().stream().map(Motif::name).collect(Collectors.joining(", "));
    }

    public String blankLine(LinePlan line) {
        if (!line.blank().madeOf().isCloth()) {
            return text(
                    "blank.line.hard", line.blank().name(), line.blankColour().name());
        }
        return text(
                "blank.line",
                line.blank().name(),
                line.blankColour().name(),
                line.blank().madeOf().name());
    }

    /** What the layers are, in one line. */
    public String reversedLine(LinePlan line) {
        List<Layer> layers = line.drawn().layers();
        if (!layers.isEmpty() && layers.stream().allMatch(l -> l.isPrint() && !l.isCut())) {
            return text("layers.printed", line.used().getFirst().name());
        }
        String names = line.used().stream().map(Material::name).collect(Collectors.joining(", "));
        boolean all = layers.stream().allMatch(l -> l.making().reversed());
        boolean none = layers.stream().noneMatch(l -> l.making().reversed());
        return text(none ? "layers.straight" : all ? "layers.reversed" : "layers.mixed", layers.size(), names);
    }
}
