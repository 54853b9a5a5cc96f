/**
 * What is in a Book: exercises with their history, tags, and collections, students, the practice log, and what was
 * removed. Begin with {@link nimblestride.store.book.Book}.
 */
package nimblestride.store.book;
