package jurren.core.art;

import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/**
 * One element of the art: a source, what is done to it in turn, and where it stands.
 *
 * @param films what it is made of where that is not the usual
 */
public record Motif(
        String id, String name, Source source, List<Treatment> treatments, Pose pose, Standing standing, Films films) {
    public Motif {
        treatments = List.copyOf(treatments);
    }

    public Motif(String id, String name, Source source, List<Treatment> treatments, Pose pose) {
        this(id, name, source, treatments, pose, Standing.FREE, Films.USUAL);
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
        return new Motif(newId, name, source, treatments, pose, standing, films);
    }

    public Motif withName(String newName) {
        return new Motif(id, newName, source, treatments, pose, standing, films);
    }

    public Motif withSource(Source newSource) {
        return new Motif(id, name, newSource, treatments, pose, standing, films);
    }

    public Motif withTreatments(List<Treatment> newTreatments) {
        return new Motif(id, name, source, newTreatments, pose, standing, films);
    }

    public Motif withPose(Pose newPose) {
        return new Motif(id, name, source, treatments, newPose, standing, films);
    }

    public Motif withStanding(Standing newStanding) {
        return new Motif(id, name, source, treatments, pose, newStanding, films);
    }

    public Motif withFilms(Films newFilms) {
        return new Motif(id, name, source, treatments, pose, standing, newFilms);
    }
}
