/**
 * Whether a part is right for a machine and what to supply for it today; where a part is used; the same machine under
 * other names; two parts side by side. A model, serial or build date when known and a part go in; a verdict with its
 * chain of reasons comes out. Method: reachability over the supersessions of the catalog, each generation one question;
 * ways of supply by merging the best of each step. Limits: {@link synopta.core.fit.FitFinder#MOST_OPTIONS} ways of
 * supply, a million pieces.
 */
package synopta.core.fit;
