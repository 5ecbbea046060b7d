package jurren.core.way.known;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jurren.core.geometry.Box;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.LineUp;
import jurren.core.layer.Panels;
import jurren.core.layer.Part;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.way.Way;
import jurren.core.way.WayContext;
import jurren.core.way.adhesive.Adhesive;
import jurren.core.way.adhesivestencil.AdhesiveStencil;
import jurren.core.way.behindglass.BehindGlass;
import jurren.core.way.dyeoverbase.DyeOverBase;
import jurren.core.way.dyeprint.DyePrint;
import jurren.core.way.heatfilm.HeatFilm;
import jurren.core.way.powderprint.PowderPrint;
import jurren.core.way.printedheatfilm.PrintedHeatFilm;
import jurren.core.way.rigidstencil.RigidStencil;
import jurren.core.way.sticker.Sticker;
import jurren.core.way.stones.Stones;

/** Which material goes which way. */
public final class Ways {
    /** Each process has its way, or this does not compile. */
    private static Way way(Process process) {
        return switch (process) {
            case HEAT_FILM -> new HeatFilm();
            case PRINTED_HEAT_FILM -> new PrintedHeatFilm();
            case DYE_PRINT -> new DyePrint();
            case DYE_OVER_BASE -> new DyeOverBase();
            case ADHESIVE -> new Adhesive();
            case ADHESIVE_BEHIND_GLASS -> new BehindGlass();
            case STICKER -> new Sticker();
            case RIGID_STENCIL -> new RigidStencil();
            case ADHESIVE_STENCIL -> new AdhesiveStencil();
            case STONES -> new Stones();
            case POWDER_PRINT -> new PowderPrint();
        };
    }

    private static final Map<Process, Way> ALL =
            new EnumMap<Process, Way>(Arrays.stream(Process.values()).collect(Collectors.toMap(p -> p, Ways::way)));

    private static final Edging ON_THE_EDGE = new Edging(0, true, false);

    private Ways() {}

    public static Way of(Material material) {
        return ALL.get(material.process());
    }

    /** Where the cut line of a material lies: as was said by its id, or as is usual. */
    public static Edging edging(Material material, Map<String, Edging> said) {
        return Optional.ofNullable(said.get(material.id()))
                .or(() -> of(material).usualEdging())
                .orElse(ON_THE_EDGE);
    }

    /**
     * The layers of a whole place.
     *
     * @param parts    from the bottom up
     * @param material by its id
     * @param edging   what was said about a material's cut line, or its usual one
     * @param panels   how a film is split, by which it is
     * @param lineUpMm how far from the top the marks are by which what is laid by hand is lined up
     */
    public static List<Layer> layers(
            List<Part> parts,
            Function<String, Material> material,
            Function<Material, Edging> edging,
            Map<Film, Panels> panels,
            Box art,
            Optional<Double> lineUpMm) {
        List<Layer> layers = new ArrayList<>();
        for (Part part : parts) {
            Material m = material.apply(part.film().materialId());
            boolean many = parts.stream()
                            .filter(p -> p.film().materialId().equals(m.id()))
                            .count()
                    > 1;
            for (Layer layer : of(m).layers(part, m, new WayContext(edging.apply(m), art, many)).stream()
                    .flatMap(l -> split(l, panels))
                    .toList()) {
                layers.add(
                        layer.withOrder(layers.size() + 1).withJoin(layers.isEmpty() ? Join.LAID_OVER : layer.join()));
            }
        }
        return lineUpMm.map(mm ->
                        LineUp.marked(layers, mm, l -> of(l.material()).byHand().isPresent()))
                .orElse(layers);
    }

    /** What is printed or a plate stays whole. */
    private static Stream<Layer> split(Layer layer, Map<Film, Panels> panels) {
        Panels of = panels.get(layer.film());
        return of == null
                        || layer.role() != Layer.Role.FILM
                        || !layer.isCut()
                        || layer.region().isEmpty()
                ? Stream.of(layer)
                : of.of(layer, of(layer.material()).byHand().isPresent()).stream();
    }
}
