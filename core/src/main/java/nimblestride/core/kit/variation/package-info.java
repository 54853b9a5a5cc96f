/** One part of a sticking kept, and everything tried in the rest: all the ways there are, counted and dealt in an order. */
package nimblestride.core.kit.variation;
