package synopta.core.catalog;

/**
 * The number of a part as its maker writes it. Two are equal when they agree in letters and digits, whatever the case
 * and the separators.
 */
public final class PartNumber implements Comparable<PartNumber> {
    private final String written;
    private final String key;

    /** Refuses a number without a letter or digit; surrounding blanks are dropped. */
    public PartNumber(String written) {
        key = NumberNormalizer.required("Part number", written);
        this.written = written.strip();
    }

    /** As its maker writes it. */
    public String written() {
        return written;
    }

    /** The form that paths and look-ups use: upper-case letters and digits only; made once, as it is asked for often. */
    public String key() {
        return key;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof PartNumber number && key.equals(number.key);
    }

    @Override
    public int hashCode() {
        return key.hashCode();
    }

    @Override
    public int compareTo(PartNumber other) {
        return key.compareTo(other.key);
    }

    @Override
    public String toString() {
        return written;
    }
}
