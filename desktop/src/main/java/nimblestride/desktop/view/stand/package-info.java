/** What is put on the music stand: the count in letters large enough to read while playing. */
package nimblestride.desktop.view.stand;
