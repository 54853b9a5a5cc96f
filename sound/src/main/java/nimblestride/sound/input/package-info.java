/**
 * Who plays: somebody who taps along, or a simulated player with habits. Begin with {@link
 * nimblestride.sound.input.SimulatedPlayer}.
 */
package nimblestride.sound.input;
