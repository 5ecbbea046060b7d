package jurren.core.art;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** One element of the art: a source, what is done to it in turn, and where it stands. */
public record Motif(String id, String name, Source source, List<Treatment> treatments, Pose pose, Standing standing) {
    public Motif {
        treatments = List.copyOf(treatments);
    }

    public Motif(String id, String name, Source source, List<Treatment> treatments, Pose pose) {
        this(id, name, source, treatments, pose, Standing.FREE);
    }

    public boolean isHidden() {
        return standing.hidden();
    }

    /** The motifs that its source and its treatments name, whether they are switched on or not. */
    public Set<String> others() {
        Set<String> all = new TreeSet<>(source.others());
        treatments.forEach(t -> all.addAll(t.others()));
        return all;
    }

    public Motif withId(String newId) {
        return new Motif(newId, name, source, treatments, pose, standing);
    }

    public Motif withName(String newName) {
        return new Motif(id, newName, source, treatments, pose, standing);
    }

    public Motif withSource(Source newSource) {
        return new Motif(id, name, newSource, treatments, pose, standing);
    }

    public Motif withTreatments(List<Treatment> newTreatments) {
        return new Motif(id, name, source, newTreatments, pose, standing);
    }

    public Motif withPose(Pose newPose) {
        return new Motif(id, name, source, treatments, newPose, standing);
    }

    public Motif withStanding(Standing newStanding) {
        return new Motif(id, name, source, treatments, pose, newStanding);
    }
}
