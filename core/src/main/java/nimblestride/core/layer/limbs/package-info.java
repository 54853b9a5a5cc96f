/**
 * Which hand or foot plays each note, where two notes want the same limb, and how fast that is. Begin with {@link
 * nimblestride.core.layer.limbs.LimbAssignment}.
 */
package nimblestride.core.layer.limbs;
