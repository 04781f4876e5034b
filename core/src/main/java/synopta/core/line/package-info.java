/**
 * What does a line say, as it was heard ("dg740b2 thumps, no heat, 8 yrs, gas?")? A line goes in; model text, serial,
 * brand, appliance, fuels, age, part numbers, requested quantities and the complaint come out, each with its
 * characters in the line. Method: ordered patterns, the longest run of words with digits is the model. Limits: one
 * model and one serial a line.
 */
package synopta.core.line;
