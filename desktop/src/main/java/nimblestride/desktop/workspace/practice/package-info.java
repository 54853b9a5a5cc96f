/** The Practise bench: the click, the balance, somebody to play with, and what is played through. */
package nimblestride.desktop.workspace.practice;
