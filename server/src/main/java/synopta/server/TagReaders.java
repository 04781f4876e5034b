package synopta.server;

import java.util.function.Supplier;
import synopta.core.catalog.Catalog;
import synopta.core.outcome.LearntLayer;
import synopta.core.tag.Confusion;
import synopta.core.tag.TagReader;
import synopta.core.tag.Weights;

/** The reader of tags for the catalogue as it is, with what was learnt of reading tags. */
public final class TagReaders implements Supplier<TagReader> {
    private final Catalog catalog;
    private final Packs packs;
    private final Confusion confusion;
    private volatile TagReader reader;

    TagReaders(Catalog catalog, Packs packs, Confusion confusion) {
        this.catalog = catalog;
        this.packs = packs;
        this.confusion = confusion;
        refresh();
        packs.told(learnt -> refresh());
    }

    /** Takes the catalogue and what was learnt anew; readings go on with the old reader meanwhile. */
    public void refresh() {
        LearntLayer layer = packs.layer();
        reader = new TagReader(catalog, layer.over(shipped()), layer::popularity);
    }

    /** What is believed of characters before anything is learnt. */
    public Confusion confusion() {
        return confusion;
    }

    /** The weights as they ship. */
    public Weights shipped() {
        return Weights.of(confusion);
    }

    @Override
    public TagReader get() {
        return reader;
    }
}
