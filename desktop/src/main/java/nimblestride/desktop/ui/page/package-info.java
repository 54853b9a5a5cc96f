/**
 * A workspace of several pages: the list on the left, the page on the right. Begin with {@link
 * nimblestride.desktop.ui.page.PagedPane}.
 */
package nimblestride.desktop.ui.page;
