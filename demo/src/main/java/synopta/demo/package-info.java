/**
 * The invented catalog of the distributor Saltmarsh and Vane: five brands in two families, made from a seed, at any
 * size; hand-set where a person will look. No real brand, model or part number.
 */
package synopta.demo;
