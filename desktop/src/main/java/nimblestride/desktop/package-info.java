/** The program with a window. */
package nimblestride.desktop;
