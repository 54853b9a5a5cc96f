/**
 * The one file a Book is kept in: opened, migrated, backed up, and restored. Begin with {@link
 * nimblestride.store.database.BookFile}.
 */
package nimblestride.store.database;
