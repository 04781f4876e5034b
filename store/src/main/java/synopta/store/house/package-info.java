/** The rules the house follows, as they were chosen last. */
package synopta.store.house;
