/** The one file a Book is kept in: opened with care, migrated, backed up, restored. */
package nimblestride.store.database;
