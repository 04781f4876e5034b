package synopta.core.catalog;

/**
 * The number of a model as its maker writes it. Two are equal when they agree in letters and digits, whatever the case
 * and the separators.
 */
public record ModelNumber(String written) implements Comparable<ModelNumber> {
    /** Refuses a number without a letter or digit; surrounding blanks are dropped. */
    public ModelNumber {
        written = Written.required("Model number", written);
    }

    /** The form that paths and look-ups use: upper-case letters and digits only. */
    public String key() {
        return Written.key(written);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof ModelNumber number && key().equals(number.key());
    }

    @Override
    public int hashCode() {
        return key().hashCode();
    }

    @Override
    public int compareTo(ModelNumber other) {
        return key().compareTo(other.key());
    }

    @Override
    public String toString() {
        return written;
    }
}
