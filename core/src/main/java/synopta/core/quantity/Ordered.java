package synopta.core.quantity;

import java.util.Collection;
import java.util.Collections;
import java.util.Map;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;

/**
 * Copies that cannot be changed and are gone through in the natural order of their elements. {@code Set.copyOf} goes
 * through them in an order that differs from start to start, and with it sums differ in their last digit.
 */
public final class Ordered {
    private Ordered() {}

    /** A copy of a set; null elements are refused. */
    public static <T extends Comparable<? super T>> SortedSet<T> set(Collection<T> elements) {
        return Collections.unmodifiableSortedSet(new TreeSet<>(elements));
    }

    /** A copy of a map; null keys are refused. */
    public static <K extends Comparable<? super K>, V> SortedMap<K, V> map(Map<K, V> entries) {
        return Collections.unmodifiableSortedMap(new TreeMap<>(entries));
    }
}
