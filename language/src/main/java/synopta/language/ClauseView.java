package synopta.language;

/**
 * A clause as the classifiers see it.
 *
 * @param clause what is said
 * @param shares of the meanings
 * @param words how near its words come to the meanings
 */
record ClauseView(Clause clause, float[] shares, SayingIndex.Nearness words) {
    Clauses.Span span() {
        return clause.span();
    }

    int negations() {
        return clause.negations();
    }

    /** How many meanings are likelier here. */
    int likelier(int meaning) {
        int likelier = 0;
        for (float share : shares) {
            likelier += share > shares[meaning] ? 1 : 0;
        }
        return likelier;
    }

    float likeliest() {
        return largest(shares);
    }

    float nearestOfAll() {
        return largest(words.nearest());
    }

    private static float largest(float[] of) {
        float largest = 0;
        for (float value : of) {
            largest = Math.max(largest, value);
        }
        return largest;
    }
}
