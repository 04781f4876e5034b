/** Tables of any content as CSV and as workbooks, row by row. */
package synopta.formats.table;
