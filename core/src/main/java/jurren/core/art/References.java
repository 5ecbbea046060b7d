package jurren.core.art;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Which motifs of a face follow which. A backing follows everything above it that is not hidden. */
public final class References {
    private References() {}

    /** The motifs that each follows, by id; also such as are gone. */
    public static Map<String, Set<String>> of(List<Motif> motifs) {
        Map<String, Set<String>> all = new LinkedHashMap<>();
        for (int i = 0; i < motifs.size(); i++) {
            Set<String> others = new LinkedHashSet<>(motifs.get(i).others());
            if (motifs.get(i).source() instanceof Backing) {
                motifs.subList(i + 1, motifs.size()).stream()
                        .filter(m -> !m.isHidden())
                        .forEach(m -> others.add(m.id()));
            }
            all.put(motifs.get(i).id(), others);
        }
        return all;
    }

    /** A ring of motifs of which each follows the next and the last the first; empty when there is none. */
    public static Optional<List<Motif>> loop(List<Motif> motifs) {
        Map<String, Set<String>> graph = of(motifs);
        Map<String, Motif> byId = new HashMap<>();
        motifs.forEach(m -> byId.put(m.id(), m));
        Set<String> clear = new HashSet<>();
        for (Motif m : motifs) {
            List<String> way = new ArrayList<>();
            if (leadsBack(m.id(), graph, way, clear)) {
                List<String> ring = way.subList(way.indexOf(way.getLast()), way.size() - 1);
                return Optional.of(ring.stream().map(byId::get).toList());
            }
        }
        return Optional.empty();
    }

    /** The way to the first motif that comes twice is left in {@code way}. */
    private static boolean leadsBack(String id, Map<String, Set<String>> graph, List<String> way, Set<String> clear) {
        boolean twice = way.contains(id);
        way.add(id);
        if (twice) {
            return true;
        }
        for (String next : clear.contains(id) ? Set.<String>of() : graph.getOrDefault(id, Set.of())) {
            if (leadsBack(next, graph, way, clear)) {
                return true;
            }
        }
        clear.add(id);
        way.removeLast();
        return false;
    }

    /** The motifs that name one, whether their treatment is on or not. */
    public static List<Motif> following(String id, List<Motif> motifs) {
        return motifs.stream().filter(m -> m.others().contains(id)).toList();
    }

    /** The motif with every reference to one turned to another. */
    public static Motif turned(Motif m, String from, String to) {
        return m.withSource(m.source().withOther(from, to))
                .withTreatments(
                        m.treatments().stream().map(t -> turned(t, from, to)).toList());
    }

    /** The same motifs with ids and groups that are not taken yet; what they follow among each other stays. */
    public static List<Motif> renamed(List<Motif> motifs, Set<String> taken) {
        Set<String> used = new HashSet<>(taken);
        motifs.forEach(m -> used.add(m.id()));
        List<Motif> all = new ArrayList<>(motifs);
        Map<String, String> groups = new HashMap<>();
        for (Motif m : motifs) {
            m.standing().group().ifPresent(g -> groups.computeIfAbsent(g, name -> free(name + "-", used)));
            if (taken.contains(m.id())) {
                String id = free("m", used);
                all.replaceAll(o -> turned(o.id().equals(m.id()) ? o.withId(id) : o, m.id(), id));
            }
        }
        return all.stream()
                .map(m ->
                        m.withStanding(m.standing().inGroup(m.standing().group().map(groups::get))))
                .toList();
    }

    private static String free(String prefix, Set<String> used) {
        int n = 1;
        while (!used.add(prefix + n)) {
            n++;
        }
        return prefix + n;
    }

    private static Treatment turned(Treatment t, String from, String to) {
        return switch (t) {
            case Treatment.Off off -> new Treatment.Off(turned(off.of(), from, to));
            case Referring r when r.other().equals(from) -> r.withOther(to);
            default -> t;
        };
    }
}
