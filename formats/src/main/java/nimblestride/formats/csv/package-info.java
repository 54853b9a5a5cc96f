/**
 * Tables for spreadsheets: the log, and every note of an exercise. Begin with {@link nimblestride.formats.csv.LogCsv}.
 */
package nimblestride.formats.csv;
