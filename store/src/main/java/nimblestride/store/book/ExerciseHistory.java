package nimblestride.store.book;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;

/** Earlier states of the exercises: as they were before each sitting, and those the user named. */
public final class ExerciseHistory {
    /** The most characters in the name of a state. */
    public static final int MAX_NAME_LENGTH = 200;

    /** The name of a state that another window saved at the same moment. */
    static final String OTHER_WINDOW = "From another window";

    /** An edit that comes this long after the last one begins a new sitting. */
    static final Duration PAUSE = Duration.ofHours(1);

    private final BookFile file;
    private final ExerciseCodec text;

    ExerciseHistory(BookFile file, ExerciseCodec text) {
        this.file = file;
        this.text = text;
    }

    /** Returns the earlier states of an exercise, newest first. */
    public List<ExerciseState> of(UUID exercise) {
        return file.read(handle -> of(handle, exercise));
    }

    private static List<ExerciseState> of(Handle handle, UUID exercise) {
        return handle.createQuery("SELECT number, at, name FROM state WHERE exercise = ? ORDER BY at DESC, number DESC")
                .bind(0, exercise.toString())
                .map((RowView row) -> new ExerciseState(
                        row.getColumn("number", Long.class),
                        exercise,
                        LocalDateTime.parse(row.getColumn("at", String.class)),
                        row.getColumn("name", String.class)))
                .list();
    }

    /**
     * Reads an earlier state.
     *
     * @throws BookException if it is not there, or can't be read
     */
    public Exercise read(ExerciseState state) {
        byte[] packed = file.read(handle -> handle.createQuery("SELECT content FROM state WHERE number = ?")
                .bind(0, state.number())
                .map((RowView row) -> row.getColumn("content", byte[].class))
                .findOne()
                .orElseThrow(() -> new BookException("This earlier state is no longer in the Book.")));
        try {
            return text.read(DeflatedText.read(packed));
        } catch (BookException e) {
            throw e;
        } catch (StrideException e) {
            throw new BookException("I can't read this earlier state: " + e.getMessage(), e);
        }
    }

    /**
     * Names a state of an exercise, so that it stays for good.
     *
     * @throws nimblestride.core.foundation.failure.InvalidValueException if the name is blank or too long
     */
    public void name(UUID exercise, Exercise state, String name, LocalDateTime now) {
        String tidy = PlainText.name("A state", name.strip(), MAX_NAME_LENGTH);
        String json = text.write(state);
        file.write(handle -> keep(handle, exercise, json, now.toString(), tidy));
    }

    /** Keeps a state under a name, or without one. */
    static void keep(Handle handle, UUID exercise, String json, String at, String name) {
        handle.createUpdate("INSERT INTO state (exercise, at, name, content) VALUES (?, ?, ?, ?)")
                .bind(0, exercise.toString())
                .bind(1, at)
                .bind(2, name)
                .bind(3, DeflatedText.of(json))
                .execute();
    }

    /** Keeps an exercise as it was before an edit, if the edit begins a new sitting; thins out the states before. */
    static void keepSitting(Handle handle, UUID exercise, String json, LocalDateTime changed, LocalDateTime now) {
        boolean sameSitting = changed.toLocalDate().equals(now.toLocalDate())
                && Duration.between(changed, now).compareTo(PAUSE) < 0;
        if (sameSitting) {
            return;
        }
        keep(handle, exercise, json, changed.toString(), "");
        for (ExerciseState dropped : StateThinning.dropped(of(handle, exercise), now.toLocalDate())) {
            handle.createUpdate("DELETE FROM state WHERE number = ?")
                    .bind(0, dropped.number())
                    .execute();
        }
    }
}
