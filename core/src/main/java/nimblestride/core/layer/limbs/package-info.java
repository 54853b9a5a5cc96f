/** What an exercise asks of the hands and feet: who plays what, where two want the same limb, and how fast it is. */
package nimblestride.core.layer.limbs;
