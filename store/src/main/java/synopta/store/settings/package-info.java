/** The settings of the house, as they were chosen last. */
package synopta.store.settings;
