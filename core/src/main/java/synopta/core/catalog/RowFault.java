package synopta.core.catalog;

/**
 * What is wrong with a delivery, and where.
 *
 * @param file file of the catalog format
 * @param line from 1, the header being line 1; 0 when the whole file is meant
 * @param column empty when the whole row is meant
 * @param message what is wrong and how to mend it
 */
public record RowFault(String file, int line, String column, String message) {}
