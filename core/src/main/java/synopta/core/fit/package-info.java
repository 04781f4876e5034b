/**
 * Whether a part is right for a machine, and what to supply for it today. A model, a build date when known and a part
 * go in; a verdict with its reasons comes out. Method: reachability over the successions of the catalogue. Limits: kits
 * and serial ranges are not judged, {@link synopta.core.fit.FitFinder#MOST_OPTIONS} ways of supply.
 */
package synopta.core.fit;
