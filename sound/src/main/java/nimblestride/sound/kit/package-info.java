/**
 * The samples of the kit, the click, and the band: synthesized once, then only mixed. Begin with {@link
 * nimblestride.sound.kit.SynthesizedKit}.
 */
package nimblestride.sound.kit;
