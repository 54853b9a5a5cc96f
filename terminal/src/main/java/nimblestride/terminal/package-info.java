/** The same answers without a window: report and export. */
package nimblestride.terminal;
