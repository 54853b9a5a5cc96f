/** Who plays: on a pad, on the computer's keys, or a stand-in with habits of its own. */
package nimblestride.sound.input;
