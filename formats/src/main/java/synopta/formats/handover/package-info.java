/** The sheet that goes with the parts: a printed page, plain text. */
package synopta.formats.handover;
