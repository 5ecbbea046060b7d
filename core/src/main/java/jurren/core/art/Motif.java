package jurren.core.art;

import java.util.List;

/** One element of the art: a source, what is done to it in turn, and where it stands. */
public record Motif(String id, String name, Source source, List<Treatment> treatments, Pose pose) {
    public Motif {
        treatments = List.copyOf(treatments);
    }

    public Motif withName(String newName) {
        return new Motif(id, newName, source, treatments, pose);
    }

    public Motif withSource(Source newSource) {
        return new Motif(id, name, newSource, treatments, pose);
    }

    public Motif withTreatments(List<Treatment> newTreatments) {
        return new Motif(id, name, source, newTreatments, pose);
    }

    public Motif withPose(Pose newPose) {
        return new Motif(id, name, source, treatments, newPose);
    }
}
