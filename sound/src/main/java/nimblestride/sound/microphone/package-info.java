/**
 * Microphones, and what is heard through them. Begin with {@link nimblestride.sound.microphone.AudioInputs}.
 */
package nimblestride.sound.microphone;
