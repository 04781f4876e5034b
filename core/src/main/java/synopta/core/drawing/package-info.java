/**
 * Where is it, and what does it look like? Line work out of a few primitives goes in, bounds come out; pulleys go in,
 * the run of the belt round them comes out. Method: exact tangents of circles in a plane, no approximation; a belt is
 * taken as thin and taut, so lengths are those of the line that touches the given diameters.
 */
package synopta.core.drawing;
