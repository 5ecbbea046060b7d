package jurren.core.geometry;

import java.util.List;

/** One connected piece of a region: its outer edge and the edges of its holes. */
public record Piece(Outline outer, List<Outline> holes) {
    public Piece {
        holes = List.copyOf(holes);
    }

    public Region region() {
        return Region.of(this);
    }
}
