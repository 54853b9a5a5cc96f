/**
 * The Place workspace: voices on counts, stickings, hands, and variations. Begin with {@link
 * nimblestride.desktop.workspace.place.PlaceWorkspace}.
 */
package nimblestride.desktop.workspace.place;
