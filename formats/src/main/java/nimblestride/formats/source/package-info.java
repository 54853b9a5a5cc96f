/** Files of other programs, whatever their kind. */
package nimblestride.formats.source;
