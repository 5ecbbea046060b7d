package jurren.core.load;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.material.Colour;

/**
 * What a job that is not all cut yet will take off the shelf.
 *
 * @param file where the job is kept: by it a promise is known
 * @param job  its name
 */
public record Promise(String file, String job, List<Take> takes) {
    /** So much of one piece, known by its name, film and colour. */
    public record Take(String stock, String materialId, Colour colour, double mm) {
        private boolean isOf(Stock s) {
            return stock.equals(s.id()) && materialId.equals(s.materialId()) && colour.equals(s.colour());
        }
    }

    public Promise {
        takes = List.copyOf(takes);
    }

    /** Of loads whose film is on the shelf still: what was cut has left it. */
    public static Promise of(String file, String job, List<Load> loads, List<? extends Stock> shelf) {
        Map<Stock, Double> taken = new LinkedHashMap<>();
        loads.stream()
                .filter(l -> shelf.contains(l.shelved()))
                .forEach(l -> taken.merge(l.shelved(), l.usedMm(), Double::sum));
        return new Promise(
                file,
                job,
                taken.entrySet().stream()
                        .map(e -> new Take(
                                e.getKey().id(),
                                e.getKey().materialId(),
                                e.getKey().colour(),
                                e.getValue()))
                        .toList());
    }

    public double ofMm(Stock s) {
        return takes.stream().filter(t -> t.isOf(s)).mapToDouble(Take::mm).sum();
    }
}
