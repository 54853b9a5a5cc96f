/** Ear drills: hear a grouping and name it. Begin with {@link nimblestride.core.practice.ear.EarDrill}. */
package nimblestride.core.practice.ear;
