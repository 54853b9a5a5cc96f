/** Measures the figures in {@code docs/figures.md}. Asserts nothing. Begin with {@code benchmarks/run}. */
package nimblestride.benchmarks;
