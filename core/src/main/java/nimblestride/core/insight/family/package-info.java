/** Sets of exercises made from one: every displacement, every accent left out, every meter, every feel. */
package nimblestride.core.insight.family;
