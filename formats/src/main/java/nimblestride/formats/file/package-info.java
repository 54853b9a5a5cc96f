/** Files written whole or not at all. */
package nimblestride.formats.file;
