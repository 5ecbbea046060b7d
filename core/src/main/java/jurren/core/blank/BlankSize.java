package jurren.core.blank;

import java.util.List;
import java.util.Optional;

/** One size of a blank with its faces, the usual one first. */
public record BlankSize(String id, List<Face> faces) {
    public BlankSize {
        faces = List.copyOf(faces);
        if (faces.isEmpty()) {
            throw new IllegalArgumentException("size " + id + " needs a face");
        }
        if (faces.stream().map(Face::id).distinct().count() != faces.size()) {
            throw new IllegalArgumentException("the faces of size " + id + " need different ids");
        }
    }

    public Optional<Face> face(String faceId) {
        return faces.stream().filter(f -> f.id().equals(faceId)).findFirst();
    }

    /** The face of that id, or the usual one. */
    public Face faceOrUsual(String faceId) {
        return face(faceId).orElse(faces.getFirst());
    }
}
