package jurren.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.blank.Blank;
import jurren.core.blank.Face;
import jurren.core.blank.Fit;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.blank.Surface;
import jurren.core.finish.Press;
import jurren.core.load.Cutter;
import jurren.core.load.Loading;
import jurren.core.load.Printer;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;

/**
 * The user's own machines, shelf, prices and recipes, and the blanks it knows.
 *
 * @param cutters the one in use first
 */
public record Shop(
        List<Blank> blanks,
        List<Material> materials,
        List<Cutter> cutters,
        Printer printer,
        List<Press> presses,
        List<Stock> shelf,
        Prices prices) {
    public Shop {
        blanks = List.copyOf(blanks);
        materials = List.copyOf(materials);
        shelf = List.copyOf(shelf);
        presses = List.copyOf(presses);
        cutters = List.copyOf(cutters);
        if (presses.isEmpty()) {
            throw new IllegalArgumentException("a shop needs a press");
        }
        if (cutters.isEmpty()) {
            throw new IllegalArgumentException("a shop needs a cutter");
        }
    }

    /** With one cutter. */
    public Shop(
            List<Blank> blanks,
            List<Material> materials,
            Cutter cutter,
            Printer printer,
            List<Press> presses,
            List<Stock> shelf,
            Prices prices) {
        this(blanks, materials, List.of(cutter), printer, presses, shelf, prices);
    }

    /** The one in use. */
    public Cutter cutter() {
        return cutters.getFirst();
    }

    /** What of it a person can change, and has not changed yet. */
    public MyShop mine() {
        return new MyShop(List.of(), cutters, presses, List.of(printer), prices, Map.of(), Map.of(), Map.of());
    }

    /**
     * With what a person changed; a film of the same id replaces, others come after. What was found by trying on the
     * cutter in use counts.
     */
    public Shop with(MyShop mine) {
        List<Material> films = new ArrayList<>();
        materials.forEach(m -> films.add(mine.film(m.id()).orElse(m)));
        mine.films().stream().filter(m -> material(m.id()).isEmpty()).forEach(films::add);
        String cutter = mine.cutters().getFirst().id();
        films.replaceAll(m -> mine.force(cutter, m.id()).map(m::withForce).orElse(m));
        return new Shop(
                blanks, films, mine.cutters(), mine.printers().getFirst(), mine.presses(), shelf, mine.prices());
    }

    public Optional<Blank> blank(String id) {
        return blanks.stream().filter(b -> b.id().equals(id)).findFirst();
    }

    public Optional<Material> material(String id) {
        return materials.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The name that any material sells a colour under, or its code when none does. */
    public String colourName(Colour colour) {
        return materials.stream()
                .flatMap(m -> m.sold(colour).stream())
                .findFirst()
                .map(FilmColour::name)
                .orElse(colour.hex());
    }

    /** The press that was chosen for a face, otherwise the first of the kind that closes on it. */
    public Press pressFor(Thing thing, Blank blank, Face face) {
        return thing.pressId()
                .flatMap(id -> presses.stream().filter(p -> p.id().equals(id)).findFirst())
                .orElseGet(() -> suited(suits(blank, face)));
    }

    private Press suited(Press.Kind kind) {
        return presses.stream().filter(p -> p.kind() == kind).findFirst().orElse(presses.getFirst());
    }

    /** What closes on a face: an oven sleeve on steel and on cones, a mug press on other round things. */
    public static Press.Kind suits(Blank blank, Face face) {
        return switch (face.surface()) {
            case Surface.Round r ->
                r.isCylinder() && blank.madeOf(face).stuff() != Substrate.Stuff.STEEL
                        ? Press.Kind.MUG
                        : Press.Kind.OVEN_SLEEVE;
            case Surface.Flat _ ->
                face.form() instanceof Panel p && p.cut() == Panel.Cut.CAP_FRONT ? Press.Kind.CAP : Press.Kind.FLAT;
        };
    }

    /** With the things and materials that a job carries, where this shop does not know them. */
    public Shop knowing(EmbeddedCatalogue carried) {
        List<Blank> things =
                carried.blanks().stream().filter(b -> blank(b.id()).isEmpty()).toList();
        List<Material> films = carried.materials().stream()
                .filter(m -> material(m.id()).isEmpty())
                .toList();
        Shop more = things.isEmpty() ? this : withOwn(things);
        if (films.isEmpty()) {
            return more;
        }
        List<Material> all = new ArrayList<>(materials);
        all.addAll(films);
        return new Shop(more.blanks, all, cutters, printer, presses, shelf, prices);
    }

    /** How large a piece of a material can be: of the widest roll there is, or the usual one. */
    public Fit.OnFilm onFilm(String materialId) {
        return new Fit.OnFilm(
                cutter().usableMm(shelf.stream()
                        .filter(s -> s instanceof Roll
                                && material(materialId)
                                        .filter(m -> m.isCutOf(s.materialId()))
                                        .isPresent())
                        .mapToDouble(Stock::widthMm)
                        .max()
                        .orElse(Loading.USUAL_WIDTH_MM)),
                cutter().usableAlongMm());
    }

    /** With another shelf. */
    public Shop withShelf(List<? extends Stock> newShelf) {
        return new Shop(blanks, materials, cutters, printer, presses, List.copyOf(newShelf), prices);
    }

    /** With the user's own blanks, which stand before the catalogue's; the same id replaces. */
    public Shop withOwn(List<Blank> own) {
        List<Blank> all = new ArrayList<>(own);
        blanks.stream()
                .filter(b -> own.stream().noneMatch(o -> o.id().equals(b.id())))
                .forEach(all::add);
        return new Shop(all, materials, cutters, printer, presses, shelf, prices);
    }
}
