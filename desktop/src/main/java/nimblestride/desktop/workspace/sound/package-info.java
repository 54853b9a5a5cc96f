/** Pages that set how things sound: the click, the balance, the band, pads, and what is played through. */
package nimblestride.desktop.workspace.sound;
