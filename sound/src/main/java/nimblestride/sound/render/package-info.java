/** From an exercise to samples: every onset at its exact place. */
package nimblestride.sound.render;
