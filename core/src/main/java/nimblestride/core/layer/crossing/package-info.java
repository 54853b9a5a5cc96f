/**
 * What a layer is called against the bars, bar by bar: polymeter, polyrhythm, cross-rhythm, displacement. Begin with
 * {@link nimblestride.core.layer.crossing.Crossing}.
 */
package nimblestride.core.layer.crossing;
