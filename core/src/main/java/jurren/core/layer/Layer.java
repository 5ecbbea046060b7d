package jurren.core.layer;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.memo.Scale;

/**
 * One thickness on the face as the customer sees it: a film, a print, a base that carries a print, or a plate.
 *
 * @param order    1 for the lowest
 * @param film     what of the art it is
 * @param stock    the colour of the film it is cut from; of a print the colour that covers most
 * @param region   what the film covers; of a print where its ink stays
 * @param seen     what of it stays in sight; of a plate its openings
 * @param unwelded overlapping parts whose own edges a knife would follow
 * @param join     how it meets the layers under it
 * @param print    what is printed, with its bleed
 * @param panel    which panel it is of a film that is split; empty for a whole one
 * @param marks    cut beside it to lay it by, where panels meet or where front and back are lined up; taken off again
 */
public record Layer(
        int order,
        Film film,
        Material material,
        Role role,
        Fabrication making,
        Colour stock,
        Region region,
        Region seen,
        List<Region> unwelded,
        Join join,
        Print print,
        Optional<Panel> panel,
        Region marks) {
    /** What it is on the piece. */
    public enum Role {
        /** Cut, and seen in its own colour. */
        FILM,
        /** Ink; it has no thickness of its own unless its film is cut with it. */
        PRINT,
        /** What a print is pressed into. */
        BASE,
        /** A plate or film with openings, taken off again. */
        PLATE
    }

    public Layer {
        unwelded = List.copyOf(unwelded);
    }

    /** A whole one. */
    public Layer(
            int order,
            Film film,
            Material material,
            Role role,
            Fabrication making,
            Colour stock,
            Region region,
            Region seen,
            List<Region> unwelded,
            Join join,
            Print print) {
        this(
                order,
                film,
                material,
                role,
                making,
                stock,
                region,
                seen,
                unwelded,
                join,
                print,
                Optional.empty(),
                Region.EMPTY);
    }

    public Layer withOrder(int newOrder) {
        return new Layer(
                newOrder, film, material, role, making, stock, region, seen, unwelded, join, print, panel, marks);
    }

    /** The lowest lies on the thing, whatever its join says. */
    public Layer withJoin(Join newJoin) {
        return new Layer(
                order, film, material, role, making, stock, region, seen, unwelded, newJoin, print, panel, marks);
    }

    /**
     * The same layer with every point somewhere else.
     *
     * @param back from there to where it was
     */
    public Layer mapped(Warp warp, Warp back) {
        return warp == Warp.NONE
                ? this
                : new Layer(
                        order,
                        film,
                        material,
                        role,
                        making,
                        stock,
                        region.warped(warp),
                        seen.warped(warp),
                        unwelded,
                        join,
                        print.warped(warp, back),
                        panel,
                        marks.isEmpty() ? marks : marks.warped(warp));
    }

    /** What of a film lies on a strip of it. */
    Layer panel(Region strip, Panel as, Region beside) {
        return new Layer(
                order,
                film,
                material,
                role,
                making,
                stock,
                region.intersect(strip),
                seen.intersect(strip),
                unwelded.stream()
                        .map(r -> r.intersect(strip))
                        .filter(r -> !r.isEmpty())
                        .toList(),
                join,
                print,
                Optional.of(as),
                beside);
    }

    /** With marks beside it, and beside those it has. */
    public Layer marked(Region beside) {
        return new Layer(
                order,
                film,
                material,
                role,
                making,
                stock,
                region,
                seen,
                unwelded,
                join,
                print,
                panel,
                marks.weld(beside));
    }

    /** What stays on the film when it is weeded: all of it, and its marks. */
    public Region weeded() {
        return marks().isEmpty() ? region : region.weld(marks());
    }

    /** What remembering it keeps alive. */
    public void weigh(Scale scale) {
        region.weigh(scale);
        seen.weigh(scale);
        unwelded.forEach(r -> r.weigh(scale));
        print.weigh(scale);
    }

    public boolean isPrint() {
        return making.printed();
    }

    /** What comes to lie on the thing: of a template not the plate but what is set into its openings. */
    public Region laid() {
        return role == Role.PLATE ? region.filled().minus(region) : region;
    }

    public boolean isCut() {
        return making.isCut();
    }

    /** The colour it shows: a plate that of the paint dabbed through it. */
    public Colour colour() {
        return film.colour().orElse(stock);
    }

    /** What it adds to the height of the piece: ink alone adds nothing, unless it brings its own white. */
    public double thicknessMm() {
        return role == Role.PRINT && !isCut() && material.underlay().isEmpty() ? 0 : material.thicknessMm();
    }

    /** What to paint: the film it is cut from first, then its ink, which ends where the film does. */
    public List<Inked> paints() {
        List<Inked> paints = new ArrayList<>();
        if (isCut()) {
            paints.add(new Inked(stock, Optional.empty(), region));
        }
        paints.addAll(print.within(region).inks());
        return paints;
    }

    /** What a knife follows: the region's pieces, or the parts themselves where they were not welded. */
    public List<Piece> cutPieces() {
        List<Piece> pieces = new ArrayList<>(marks().pieces());
        if (unwelded.isEmpty()) {
            pieces.addAll(0, region.pieces());
            return pieces;
        }
        for (Piece piece : region.pieces()) {
            Region whole = piece.region();
            if (unwelded.stream().allMatch(part -> part.intersect(whole).isEmpty())) {
                pieces.add(piece);
            }
        }
        unwelded.forEach(part -> pieces.addAll(part.intersect(region).pieces()));
        return pieces;
    }
}
