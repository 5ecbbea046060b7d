package jurren.formats.start;

import java.util.List;
import jurren.core.art.Motif;
import jurren.formats.words.Words;

/** What came of the entries of a start. */
public sealed interface Started {
    /** The motifs, where they would stand on the face. */
    record Filled(List<Motif> motifs) implements Started {
        public Filled {
            motifs = List.copyOf(motifs);
        }
    }

    /**
     * Nothing, because of an entry.
     *
     * @param field the entry's id
     * @param text  what stood there, or what the start objects to
     */
    record Refused(Why why, String field, String text) implements Started {
        /** What is wrong with which entry, in a sentence. */
        public String words(Start start) {
            return Words.sentence(
                    "started", why, start.field(field).map(StartField::name).orElse(field), text, start.name());
        }
    }

    /** What is wrong with an entry. */
    enum Why {
        NO_SUCH_ENTRY,
        EMPTY,
        NO_LENGTH,
        NO_NUMBER,
        NO_COLOUR,
        NO_TYPEFACE,
        NO_CHOICE,
        CANNOT_BE
    }
}
