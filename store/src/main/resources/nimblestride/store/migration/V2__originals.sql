-- The files that exercises were imported from. A file stays when its exercise is removed, so that it is there again when the
-- exercise comes back. IF NOT EXISTS: earlier programs could stop between making the table and marking the version.
CREATE TABLE IF NOT EXISTS original (
    exercise  TEXT PRIMARY KEY,
    file_name TEXT NOT NULL,
    content   BLOB NOT NULL
) STRICT;
