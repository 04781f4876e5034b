/**
 * The catalog's open format, a folder or zip of CSV files (RFC 4180), read into a delivery with every fault by file,
 * line and column, and written back; and each table as a workbook. No rules of the job: whether the sheets hold together
 * is for the core to say.
 */
package synopta.formats.catalog;
