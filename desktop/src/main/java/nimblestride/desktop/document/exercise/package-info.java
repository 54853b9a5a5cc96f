/** The one exercise that every view shows, what follows from it, and how it is kept. */
package nimblestride.desktop.document.exercise;
