/**
 * What does a reading or a measure say about a part? What was read goes in with the plate's figures; a verdict with its
 * reason, the band a good part lies in and what to do next come out. Method: laws of circuits and gases, published
 * tables, and rules of the trade, each with its source beside it; published figures are from memory. Limits: each check
 * refuses what cannot be and says what to enter instead.
 */
package synopta.core.bench;
