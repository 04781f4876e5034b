/** Printed pages: the typefaces that ship with us, and what all pages share. */
package synopta.formats.print;
