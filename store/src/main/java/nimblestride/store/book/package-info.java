/** The Book: exercises with their tags and collections, students with what is set for them, and the log. */
package nimblestride.store.book;
