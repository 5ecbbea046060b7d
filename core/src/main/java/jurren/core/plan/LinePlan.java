package jurren.core.plan;

import jurren.core.art.BuiltMotif;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.Face;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.PlatenPlan;
import jurren.core.hold.Verdict;
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
 * @param platen where the press closes on the size the art is drawn for
 * @param holds  whether the material holds on this thing
 */
public record LinePlan(Line line, Blank blank, BlankColour blankColour, Material material,
                       Map<String, BuiltMotif> motifs, List<SizePlan> sizes, FinishSequence finish,
                       PlatenPlan platen, Verdict holds) {
    public LinePlan {
        motifs = Map.copyOf(motifs);
        sizes = List.copyOf(sizes);
    }

    public SizePlan drawn() {
        return size(line.drawnFor()).orElseThrow();
    }

    public Face face() {
        return drawn().face();
    }

    public Optional<SizePlan> size(String id) {
        return sizes.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The time at the press or the table for all copies, one after the other. */
    public double finishSeconds() {
        return finish.secondsPerPiece() * line.copies();
    }
}
