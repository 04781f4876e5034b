package synopta.core.knowledge;

/**
 * Where a figure or rule comes from: common practice of the trade, our own authoring, or a named document.
 *
 * @param source `common-practice`, `authored`, or the document's name
 */
public record Basis(String source) {
    /** Refuses an empty source: nothing is known from nowhere. */
    public Basis {
        if (source == null || source.isBlank()) {
            throw new IllegalArgumentException("Basis must be common-practice, authored, or the name of a document.");
        }
    }

    /** Whether it rests on our own judgment. */
    public boolean isAuthored() {
        return source.equals("authored");
    }

    /** The source in words, for a person. */
    public String words() {
        return switch (source) {
            case "common-practice" -> "common practice of the trade";
            case "authored" -> "general trade knowledge, from memory";
            default -> source;
        };
    }
}
