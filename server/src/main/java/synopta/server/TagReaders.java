package synopta.server;

import java.util.function.Supplier;
import synopta.core.catalog.Catalog;
import synopta.core.outcome.ParameterOverrides;
import synopta.core.tag.ConfusionTable;
import synopta.core.tag.EditCosts;
import synopta.core.tag.TagReader;

/** The reader of tags for the catalog as it is, with what was learned of reading tags. */
public final class TagReaders implements Supplier<TagReader> {
    private final Catalog catalog;
    private final KnowledgeService packs;
    private final ConfusionTable confusion;
    private volatile TagReader reader;

    TagReaders(Catalog catalog, KnowledgeService packs, ConfusionTable confusion) {
        this.catalog = catalog;
        this.packs = packs;
        this.confusion = confusion;
        refresh();
        packs.subscribe(this::refresh);
    }

    /** Takes the catalog and what was learned anew; readings go on with the old reader meanwhile. */
    public void refresh() {
        ParameterOverrides layer = packs.layer();
        reader = new TagReader(catalog, layer.over(shipped()), layer::popularity);
    }

    /** What is believed of characters before anything is learned. */
    public ConfusionTable confusion() {
        return confusion;
    }

    /** The weights as they ship. */
    public EditCosts shipped() {
        return EditCosts.of(confusion);
    }

    @Override
    public TagReader get() {
        return reader;
    }
}
