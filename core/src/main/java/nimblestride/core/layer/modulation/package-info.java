/** Metric modulation: an old value becomes a new one, what tempo that makes, and the way back. */
package nimblestride.core.layer.modulation;
