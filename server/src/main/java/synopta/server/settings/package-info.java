/** HTTP of the settings, and of backups. */
package synopta.server.settings;
