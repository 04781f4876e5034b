/**
 * What the trade knows of one appliance: part types, faults, findings with the strength of every link, tests, selling
 * rules, cautions, layouts with their drawing. One validated pack an appliance goes in as data; the steps ask it. Every
 * strength, leak and prior carries its basis.
 */
package synopta.core.knowledge;
