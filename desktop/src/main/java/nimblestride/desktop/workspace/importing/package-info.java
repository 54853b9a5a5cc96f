/** Scores and MIDI files come in: what is in them is looked at, chosen and seen before anything is taken. */
package nimblestride.desktop.workspace.importing;
