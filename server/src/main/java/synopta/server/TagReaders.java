package synopta.server;

import java.util.function.Supplier;
import synopta.core.catalog.Catalog;
import synopta.core.counter.CaseLog;
import synopta.core.counter.ConfirmedReadings;
import synopta.core.tag.Confusion;
import synopta.core.tag.ReadingLearner;
import synopta.core.tag.TagReader;
import synopta.core.tag.Weights;

/** The reader of tags for the catalogue as it is, with weights learnt from the house's own cases. */
public final class TagReaders implements Supplier<TagReader> {
    private final Catalog catalog;
    private final CaseLog log;
    private final Confusion confusion;
    private volatile TagReader reader;

    TagReaders(Catalog catalog, CaseLog log, Confusion confusion) {
        this.catalog = catalog;
        this.log = log;
        this.confusion = confusion;
        refresh();
    }

    /** Reads the catalogue and the cases anew; readings go on with the old reader meanwhile. */
    public void refresh() {
        Weights weights = ReadingLearner.learnt(Weights.of(confusion), ConfirmedReadings.of(log, catalog));
        reader = new TagReader(catalog, weights);
    }

    /** What was believed before any reading was confirmed. */
    public Confusion confusion() {
        return confusion;
    }

    @Override
    public TagReader get() {
        return reader;
    }
}
