/** Stickings, and the rudiments they come from. Begin with {@link nimblestride.core.kit.sticking.Sticking}. */
package nimblestride.core.kit.sticking;
