/** The day book on paper and as tables. */
package synopta.formats.outcome;
