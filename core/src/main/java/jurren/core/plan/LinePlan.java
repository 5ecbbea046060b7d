package jurren.core.plan;

import jurren.core.art.BuiltMotif;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.finish.PressSequence;
import jurren.core.geometry.Box;
import jurren.core.job.Line;
import jurren.core.material.Material;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One line worked out.
 *
 * @param motifs each motif built, around its own origin, by its id
 * @param sizes  the sizes in the run, and the one the art is drawn for, in the blank's order
 * @param platen where the press would close on the size the art is drawn for
 */
public record LinePlan(Line line, Blank blank, BlankColour blankColour, Material material,
                       Map<String, BuiltMotif> motifs, List<SizePlan> sizes, PressSequence press, Box platen) {
    public LinePlan {
        motifs = Map.copyOf(motifs);
        sizes = List.copyOf(sizes);
    }

    public SizePlan drawn() {
        return size(line.drawnFor()).orElseThrow();
    }

    public Optional<SizePlan> size(String id) {
        return sizes.stream().filter(s -> s.size().id().equals(id)).findFirst();
    }

    /** The time at the press for all copies, one after the other. */
    public double pressSeconds() {
        return press.secondsPerPiece() * line.copies();
    }
}
