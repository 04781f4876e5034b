package synopta.core.catalog;

import java.util.function.Consumer;

/** The port through which the catalog is kept and replaced. */
public interface CatalogRepository extends Catalog, CatalogDump {
    /**
     * Replaces the sheets that an import holds, in one transaction; the others stay.
     *
     * @param begun is given each sheet before it is written
     */
    void replace(CatalogImport imported, Consumer<Sheet<?>> begun);

    /** How many rows a sheet has. */
    long count(Sheet<?> sheet);
}
