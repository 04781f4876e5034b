/**
 * Which machines and parts there are: brands, platforms, models, parts, what fits where, what replaces what, what is in
 * a kit, prices and stock. Answers facts only, through the port {@link synopta.core.catalog.Catalog}; the rules that
 * use them stand in the later steps. The column names are those of the open catalog format.
 */
package synopta.core.catalog;
