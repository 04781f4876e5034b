/**
 * What to sell: the least-cost purchase that meets the needs, out of singles, packs, kits and assemblies. Needs, wants
 * with their value and a policy go in; the best purchase with its proof, runners-up that differ in kind, and what cannot
 * be met come out. Method: an integer covering program, solved by branch and bound with exact bounds from the duals of
 * its relaxation. Limits: {@link synopta.core.basket.BasketPlanner#MOST_BRANCHES}; past it, it says what is proven.
 */
package synopta.core.basket;
