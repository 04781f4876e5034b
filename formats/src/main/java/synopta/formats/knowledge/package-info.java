/** The knowledge packs as JSON: read strictly, every fault named with file, path and remedy. */
package synopta.formats.knowledge;
