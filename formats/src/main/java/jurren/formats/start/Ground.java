package jurren.formats.start;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.blank.Garment;
import jurren.core.geometry.Box;
import jurren.core.job.Shop;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;

/**
 * What a start is made for.
 *
 * @param fromTop the art begins at the top of the area; otherwise it stands in its middle
 * @param cloth   the colour it must show on
 * @param onShelf colours that are taken rather than others
 */
public record Ground(
        Box area, double artWidthMm, boolean fromTop, Colour cloth, List<FilmColour> colours, Set<Colour> onShelf) {
    private static final double SHELF = 2;

    public Ground {
        colours = List.copyOf(colours);
        onShelf = Set.copyOf(onShelf);
    }

    /** Colours on the shelf come first, so that what is chosen for somebody can be cut at once. */
    public static Ground of(Face face, Material material, BlankColour cloth, Shop shop) {
        Box area = face.area().box();
        return new Ground(
                area,
                Math.min(face.artWidthMm(), area.widthMm()),
                face.form() instanceof Garment,
                cloth.colour(),
                material.colours(),
                shop.shelf().stream()
                        .filter(r -> material.isCutOf(r.materialId()))
                        .map(Stock::colour)
                        .collect(Collectors.toSet()));
    }

    /** The colour of a number from 1: each as far as can be from the cloth and from those before it. */
    Colour standsOut(int number) {
        List<Colour> taken = new ArrayList<>(List.of(cloth));
        for (int i = 0; i < number; i++) {
            colours.stream()
                    .map(FilmColour::colour)
                    .filter(c -> !taken.contains(c))
                    .max(Comparator.comparingDouble(c -> (onShelf.contains(c) ? SHELF : 1)
                            * taken.stream()
                                    .mapToDouble(t -> difference(c, t))
                                    .min()
                                    .orElse(0)))
                    .ifPresent(taken::add);
        }
        return taken.size() > 1 ? taken.getLast() : new Colour(0x808080);
    }

    private static double difference(Colour a, Colour b) {
        int x = a.rgb();
        int y = b.rgb();
        double light = (a.luminance() - b.luminance()) * 255;
        return Math.hypot(light, Math.hypot((x >> 16 & 255) - (y >> 16 & 255), (x & 255) - (y & 255)) / 2);
    }

    /** A colour of the film by its name, any as #RRGGBB, or {@code @2} for the second that stands out. */
    public Optional<Colour> named(String text) {
        String name = text.strip();
        Optional<Colour> sold = colours.stream()
                .filter(c -> c.name().equalsIgnoreCase(name))
                .map(FilmColour::colour)
                .findFirst();
        return sold.isPresent()
                ? sold
                : name.matches("#[0-9A-Fa-f]{6}")
                        ? Optional.of(Colour.of(name))
                        : name.matches("@[1-9]") ? Optional.of(standsOut(name.charAt(1) - '0')) : Optional.empty();
    }
}
