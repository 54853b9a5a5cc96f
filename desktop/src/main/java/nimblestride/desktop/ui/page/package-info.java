/** A bench of several pages: what can be asked or done stands on the left, the page on the right. */
package nimblestride.desktop.ui.page;
