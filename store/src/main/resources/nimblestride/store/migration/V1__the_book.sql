-- Exercises, as JSON, with what they are found by beside them.
CREATE TABLE exercise (
    number    INTEGER PRIMARY KEY,
    id        TEXT NOT NULL UNIQUE,
    name      TEXT NOT NULL,
    about     TEXT NOT NULL,
    json      TEXT NOT NULL,
    found_by  TEXT NOT NULL,
    revision  INTEGER NOT NULL,
    added     TEXT NOT NULL,
    changed   TEXT NOT NULL
) STRICT;
CREATE INDEX exercise_by_name ON exercise (name COLLATE NOCASE);

CREATE TABLE tag (
    exercise  TEXT NOT NULL REFERENCES exercise (id) ON DELETE CASCADE,
    tag       TEXT NOT NULL,
    PRIMARY KEY (exercise, tag)
) STRICT, WITHOUT ROWID;
CREATE INDEX tag_by_tag ON tag (tag);

-- What is searched: a copy of the names, of what exercises are found by, and of their tags.
CREATE VIRTUAL TABLE found USING fts5 (name, found_by, tags, tokenize = "unicode61 remove_diacritics 2 tokenchars '/+'", prefix = '1 2 3');

CREATE TABLE collection (
    id        TEXT PRIMARY KEY,
    name      TEXT NOT NULL UNIQUE COLLATE NOCASE
) STRICT;

CREATE TABLE collected (
    collection TEXT NOT NULL REFERENCES collection (id) ON DELETE CASCADE,
    exercise   TEXT NOT NULL REFERENCES exercise (id) ON DELETE CASCADE,
    place      INTEGER NOT NULL,
    PRIMARY KEY (collection, exercise)
) STRICT, WITHOUT ROWID;

CREATE TABLE student (
    id        TEXT PRIMARY KEY,
    name      TEXT NOT NULL COLLATE NOCASE,
    note      TEXT NOT NULL
) STRICT;

CREATE TABLE assignment (
    id        TEXT PRIMARY KEY,
    student   TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    exercise  TEXT,
    what      TEXT NOT NULL,
    set_on    TEXT NOT NULL,
    due       TEXT,
    note      TEXT NOT NULL,
    done      TEXT
) STRICT;
CREATE INDEX assignment_by_student ON assignment (student, set_on);

CREATE TABLE lesson (
    id        TEXT PRIMARY KEY,
    student   TEXT NOT NULL REFERENCES student (id) ON DELETE CASCADE,
    day       TEXT NOT NULL,
    notes     TEXT NOT NULL,
    next      TEXT NOT NULL
) STRICT;
CREATE INDEX lesson_by_student ON lesson (student, day);

-- The log. The number is the order in which entries came in: a clock that is set back does not change it.
-- Student is empty for the owner's own. A tempo is as it is typed, clean one of CLEAN, NEARLY, NOT_YET; hard places are
-- divided by semicolons.
CREATE TABLE entry (
    number    INTEGER PRIMARY KEY,
    id        TEXT NOT NULL UNIQUE,
    exercise  TEXT,
    what      TEXT NOT NULL,
    begun     TEXT NOT NULL,
    seconds   INTEGER NOT NULL,
    tempo     TEXT,
    clean     TEXT,
    words     TEXT NOT NULL,
    hard      TEXT NOT NULL,
    student   TEXT NOT NULL
) STRICT;
CREATE INDEX entry_by_student ON entry (student, begun);
-- With all that is told of every exercise at once, so that no entry itself need be looked up for it.
CREATE INDEX entry_by_exercise ON entry (student, exercise, number, clean, begun, seconds);
