package jurren.core.blank;

import java.util.List;
import java.util.Optional;

/** An undecorated thing as it is sold. */
public record Blank(String id, String name, Family family, MadeOf madeOf, String referenceSize,
                    List<BlankColour> colours, List<BlankSize> sizes, Optional<Photo> photo) {
    public Blank {
        colours = List.copyOf(colours);
        sizes = List.copyOf(sizes);
        if (!id.matches("[a-z0-9]+(-[a-z0-9]+)*")) {
            throw new IllegalArgumentException("an id is lower-case words and numbers joined by hyphens but was \"" + id + "\"");
        }
        if (colours.isEmpty()) {
            throw new IllegalArgumentException("blank " + id + " needs a colour");
        }
        if (sizes.stream().map(BlankSize::id).distinct().count() != sizes.size()) {
            throw new IllegalArgumentException("the sizes of blank " + id + " need different names");
        }
        if (sizes.stream().noneMatch(s -> s.id().equals(referenceSize))) {
            throw new IllegalArgumentException("blank " + id + " has no size \"" + referenceSize + "\", its reference size");
        }
        List<String> faces = sizes.getFirst().faces().stream().map(Face::id).toList();
        for (BlankSize s : sizes) {
            if (!s.faces().stream().map(Face::id).toList().equals(faces)) {
                throw new IllegalArgumentException("every size of blank " + id + " needs the faces " + faces
                        + " but " + s.id() + " has others");
            }
        }
    }

    /** A copy under another id and name, among one's own. */
    public Blank copied(String newId, String newName) {
        return new Blank(newId, newName, Family.OWN, madeOf, referenceSize, colours, sizes, photo);
    }

    public Blank withoutPhoto() {
        return new Blank(id, name, family, madeOf, referenceSize, colours, sizes, Optional.empty());
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
