package synopta.language;

/**
 * A clause as the classifiers see it.
 *
 * @param span where it stands
 * @param shares of the meanings
 * @param words how near its words come to the meanings
 * @param negations how many it holds
 */
record ClauseView(Clauses.Span span, float[] shares, SayingIndex.Nearness words, int negations) {
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
