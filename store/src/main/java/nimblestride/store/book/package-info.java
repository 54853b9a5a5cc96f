/**
 * What is in a Book: exercises with tags and collections, students, and the practice log. Begin with {@link
 * nimblestride.store.book.Book}.
 */
package nimblestride.store.book;
