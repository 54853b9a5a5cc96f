/**
 * The voices of the kit, the limb that plays each, and its place in General MIDI and on the staff. Begin with {@link
 * nimblestride.core.kit.voice.Kit}.
 */
package nimblestride.core.kit.voice;
