-- The files that exercises were brought in from. One stays when its exercise is taken out, so that it is there again when
-- the exercise is put back.
CREATE TABLE original (
    exercise  TEXT PRIMARY KEY,
    file_name TEXT NOT NULL,
    content   BLOB NOT NULL
) STRICT;
