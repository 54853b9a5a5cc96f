-- Earlier states of exercises: the JSON of each, deflated. One with a name was named by the user, or by the program where
-- two windows edited at once; the others are thinned out as they grow old. They stay when their exercise is removed.
CREATE TABLE IF NOT EXISTS state (
    number    INTEGER PRIMARY KEY,
    exercise  TEXT NOT NULL,
    at        TEXT NOT NULL,
    name      TEXT NOT NULL,
    content   BLOB NOT NULL
) STRICT;
CREATE INDEX IF NOT EXISTS state_by_exercise ON state (exercise, at);

-- What was removed, with all it takes to bring it back: a JSON object with the rows of each table.
CREATE TABLE IF NOT EXISTS removed (
    number    INTEGER PRIMARY KEY,
    kind      TEXT NOT NULL,
    id        TEXT NOT NULL,
    name      TEXT NOT NULL,
    removed   TEXT NOT NULL,
    content   TEXT NOT NULL
) STRICT;

-- The groups a student belongs to: a class, a band, a section of the troupe.
CREATE TABLE IF NOT EXISTS member (
    student   TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    name      TEXT NOT NULL COLLATE NOCASE,
    PRIMARY KEY (student, name)
) STRICT, WITHOUT ROWID;

-- When a student's weekly lesson is: a day and a time, such as Tuesday 4:30 PM.
CREATE TABLE IF NOT EXISTS weekly (
    student   TEXT PRIMARY KEY REFERENCES student (id) ON DELETE CASCADE,
    lesson    TEXT NOT NULL
) STRICT, WITHOUT ROWID;
