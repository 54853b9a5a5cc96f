/** Tables for spreadsheets: the log, and every note of an exercise. */
package nimblestride.formats.csv;
