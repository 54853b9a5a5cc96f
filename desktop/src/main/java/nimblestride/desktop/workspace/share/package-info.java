/** The Hand out bench: sheets, booklets, ways to write, and files for other programs. */
package nimblestride.desktop.workspace.share;
