/** Sections written by the program: the feel after a modulation, and the bars in which it is heard coming. */
package nimblestride.core.exercise.leadin;
