/**
 * Holds the Book on disk. Depends on {@code core} and {@code files}, and knows no exercise format. Begin with {@link
 * nimblestride.store.book.Book}.
 */
package nimblestride.store;
