/** By which words an exercise is found. */
package nimblestride.core.language.search;
