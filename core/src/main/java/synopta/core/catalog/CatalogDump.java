package synopta.core.catalog;

import java.util.function.Consumer;

/** Hands over whole sheets, row by row, for what looks at a catalog as a whole. */
public interface CatalogDump {
    /** Every row of a sheet once. */
    <T> void each(Sheet<T> sheet, Consumer<T> reader);
}
