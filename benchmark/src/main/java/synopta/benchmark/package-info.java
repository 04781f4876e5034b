/** Benchmarks: each beside a named baseline in the same run, reported as a ratio. */
package synopta.benchmark;
