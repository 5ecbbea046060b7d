package jurren.core.blank;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/** An undecorated thing as it is sold. */
public record Blank(
        String id,
        String name,
        Family family,
        Substrate madeOf,
        String referenceSize,
        List<BlankColour> colours,
        List<BlankSize> sizes,
        Optional<Photo> photo) {
    public Blank {
        colours = List.copyOf(colours);
        sizes = List.copyOf(sizes);
        if (!id.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
            throw new IllegalArgumentException(
                    "an id is lower-case words and numbers joined by hyphens but was \"" + id + "\"");
        }
        if (name.isBlank()) {
            throw new IllegalArgumentException("it needs a name");
        }
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("blank " + id + " needs a colour");
        }
        if (sizes.stream().map(BlankSize::id).distinct().count() != sizes.size()) {
            throw new IllegalArgumentException("the sizes of blank " + id + " need different names");
        }
        if (sizes.stream().noneMatch(s -> s.id().equals(referenceSize))) {
            throw new IllegalArgumentException(
                    "blank " + id + " has no size \"" + referenceSize + "\", its reference size");
        }
        List<String> faces = sizes.getFirst().faces().stream().map(Face::id).toList();
        for (BlankSize s : sizes) {
            if (!s.faces().stream().map(Face::id).toList().equals(faces)) {
                throw new IllegalArgumentException(
                        "every size of blank " + id + " needs the faces " + faces + " but " + s.id() + " has others");
            }
        }
    }

    /** What a face of it is made of. */
    public Substrate madeOf(Face face) {
        return face.madeOf().orElse(madeOf);
    }

    /** A copy under another id and name, among one's own. */
    public Blank copied(String newId, String newName) {
        return new Blank(newId, newName, Family.OWN, madeOf, referenceSize, colours, sizes, photo);
    }

    public Blank named(String newName) {
        return new Blank(id, newName, family, madeOf, referenceSize, colours, sizes, photo);
    }

    public Blank withMadeOf(Substrate newMadeOf) {
        return new Blank(id, name, family, newMadeOf, referenceSize, colours, sizes, photo);
    }

    public Blank withColours(List<BlankColour> newColours) {
        return new Blank(id, name, family, madeOf, referenceSize, newColours, sizes, photo);
    }

    public Blank withPhoto(Optional<Photo> newPhoto) {
        return new Blank(id, name, family, madeOf, referenceSize, colours, sizes, newPhoto);
    }

    public Blank withoutPhoto() {
        return withPhoto(Optional.empty());
    }

    /** One face of one size changed. */
    public Blank withFace(String sizeId, String faceId, UnaryOperator<Face> change) {
        return withFaces(s -> s.id().equals(sizeId) ? changed(s.faces(), faceId, change) : s.faces());
    }

    /** One face of every size changed. */
    public Blank withFace(String faceId, UnaryOperator<Face> change) {
        return withFaces(s -> changed(s.faces(), faceId, change));
    }

    public Blank withFaceAdded(Face face) {
        return withFaces(s -> Stream.concat(s.faces().stream(), Stream.of(face)).toList());
    }

    public Blank withoutFace(String faceId) {
        return withFaces(
                s -> s.faces().stream().filter(f -> !f.id().equals(faceId)).toList());
    }

    private static List<Face> changed(List<Face> faces, String faceId, UnaryOperator<Face> change) {
        return faces.stream()
                .map(f -> f.id().equals(faceId) ? change.apply(f) : f)
                .toList();
    }

    private Blank withFaces(Function<BlankSize, List<Face>> faces) {
        return new Blank(
                id,
                name,
                family,
                madeOf,
                referenceSize,
                colours,
                sizes.stream().map(s -> new BlankSize(s.id(), faces.apply(s))).toList(),
                photo);
    }

    public Optional<BlankSize> size(String sizeId) {
        return sizes.stream().filter(s -> s.id().equals(sizeId)).findFirst();
    }

    public BlankSize reference() {
        return size(referenceSize).orElseThrow();
    }

    public Optional<BlankColour> colour(String colourId) {
        return colours.stream().filter(c -> c.id().equals(colourId)).findFirst();
    }

    public BlankColour colourOrFirst(String colourId) {
        return colour(colourId).orElse(colours.getFirst());
    }
}
