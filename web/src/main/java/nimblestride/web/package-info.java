/**
 * Practice pages for phones and browsers: one file that plays an exercise, fetches nothing, and keeps a log. The page
 * itself is written in HTML, CSS, and JavaScript beside these classes, which give it its content. Begin with {@link
 * nimblestride.web.PracticePage}.
 */
package nimblestride.web;
