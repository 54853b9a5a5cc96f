/** The words by which search finds an exercise. Begin with {@link nimblestride.core.language.search.Keywords}. */
package nimblestride.core.language.search;
