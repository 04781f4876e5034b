/**
 * What to sell: the least-cost purchase that meets the needs, out of singles, packs, kits and assemblies. Needs, wants
 * with their value and a policy go in; the best purchase, runners-up and what cannot be met come out. Method: exact
 * dynamic programming over what is still uncovered. Limits: {@link synopta.core.basket.BasketPlanner#MOST_STATES}.
 */
package synopta.core.basket;
