/** What the figures in {@code docs/figures.md} are measured with. Nothing here is asserted. */
package nimblestride.benchmarks;
