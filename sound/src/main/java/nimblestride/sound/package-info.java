/**
 * Holds everything heard: the kit, the sample-accurate renderer, players, and inputs. Depends on {@code core} and
 * {@code files}. Begin with {@link nimblestride.sound.render.Renderer}, then {@link nimblestride.sound.play.Player}.
 */
package nimblestride.sound;
