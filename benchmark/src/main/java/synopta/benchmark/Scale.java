package synopta.benchmark;

/** How much a benchmark measures: all of it, or just enough to see that it runs. */
enum Scale {
    FULL(1),
    SMOKE(400);

    private final int part;

    Scale(int part) {
        this.part = part;
    }

    /** So many of this scale, one at least. */
    int of(int full) {
        return Math.max(1, full / part);
    }
}
