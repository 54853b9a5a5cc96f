/**
 * The count in letters large enough to read while playing. Begin with {@link
 * nimblestride.desktop.view.stand.MusicStand}.
 */
package nimblestride.desktop.view.stand;
