package synopta.core.diagnosis;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

/**
 * Puts faults in an order in which causes come first and what they cause soon after them: few consequences are then
 * under way at once. Faults that stand together (those of one fork) follow one another.
 */
final class FaultOrder {
    private final double[][] causes;
    private final Map<Integer, Set<Integer>> units = new HashMap<>();
    private final Set<Integer> begun = new HashSet<>();
    private final Set<Integer> done = new LinkedHashSet<>();

    /**
     * Places nothing yet.
     *
     * @param causes by fault, then cause: strength; null where a fault has no cause
     * @param together sets of faults that follow one another; no fault is in two
     */
    FaultOrder(double[][] causes, Collection<Set<Integer>> together) {
        this.causes = causes;
        for (Set<Integer> unit : together) {
            unit.forEach(fault -> units.put(fault, unit));
        }
    }

    /** Places a fault and those it stands together with, unless it has its place. */
    void place(int fault) {
        Set<Integer> unit = unit(fault);
        if (begun.contains(fault)) {
            return;
        }
        begun.addAll(unit);
        for (int cause : causesOf(unit)) {
            place(cause);
        }
        List<Integer> rest = new ArrayList<>(unit);
        while (!rest.isEmpty()) {
            int next = rest.stream()
                    .filter(f -> rest.stream().noneMatch(cause -> leads(cause, f)))
                    .findFirst()
                    .orElseThrow();
            rest.remove(Integer.valueOf(next));
            done.add(next);
        }
        for (int consequence = 0; consequence < causes.length; consequence++) {
            int follows = consequence;
            boolean caused = unit.stream().anyMatch(cause -> leads(cause, follows));
            if (caused && !begun.contains(consequence) && isFree(consequence)) {
                place(consequence);
            }
        }
    }

    /** All that were placed, first to last. */
    int[] order() {
        return done.stream().mapToInt(Integer::intValue).toArray();
    }

    private Set<Integer> unit(int fault) {
        return units.getOrDefault(fault, Set.of(fault));
    }

    private boolean leads(int cause, int fault) {
        return causes[fault] != null && causes[fault][cause] > 0;
    }

    /** What leads to one of a unit from outside. */
    private Set<Integer> causesOf(Set<Integer> unit) {
        Set<Integer> outside = new TreeSet<>();
        for (int cause = 0; cause < causes.length; cause++) {
            int from = cause;
            if (!unit.contains(cause) && unit.stream().anyMatch(fault -> leads(from, fault))) {
                outside.add(cause);
            }
        }
        return outside;
    }

    /** Whether none of the faults that lead to it is being placed just now. */
    private boolean isFree(int fault) {
        for (int cause : causesOf(unit(fault))) {
            boolean underWay = begun.contains(cause) && !done.contains(cause);
            if (underWay || !done.contains(cause) && !isFree(cause)) {
                return false;
            }
        }
        return true;
    }
}
