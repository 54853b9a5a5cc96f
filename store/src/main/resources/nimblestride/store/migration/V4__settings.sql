-- What the user has chosen for the whole Book, by name. IF NOT EXISTS: see V2.
CREATE TABLE IF NOT EXISTS setting (
    name  TEXT PRIMARY KEY,
    value TEXT NOT NULL
) STRICT;
