/** How early or late somebody plays: strokes matched to their places, and what that says. */
package nimblestride.core.practice.timing;
