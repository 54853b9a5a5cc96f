/** The same music written in other ways, what speaks for and against each, and which reads best. */
package nimblestride.core.notation.alternative;
