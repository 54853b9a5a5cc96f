/** Sets sheets and booklets on pages. Begin with {@link nimblestride.core.notation.page.Sheet}. */
package nimblestride.core.notation.page;
