/** How one note is played: its dynamic and its ornament. Begin with {@link nimblestride.core.kit.stroke.Stroke}. */
package nimblestride.core.kit.stroke;
