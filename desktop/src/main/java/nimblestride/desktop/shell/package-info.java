/** The window: heading, Road, findings, bench and Book together, and what its menus do. */
package nimblestride.desktop.shell;
