package nimblestride.desktop.workspace.practice;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.LongSupplier;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.journal.PracticeNote;
import nimblestride.core.practice.journal.RunsOfDay;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.store.book.ExerciseSummary;

/** Logs practice: it knows the open exercise, its tempo, and how long it has played. */
public final class PracticeRecorder {
    private static final long NANOS_PER_SECOND = 1_000_000_000;

    private static final int MAX_RUNS = 200;

    private final ExerciseDocument document;
    private final OpenBook book;
    private final Transport transport;
    private final LongSupplier nanos;
    private long playingSince;
    private long played;

    /** @param nanos a clock in nanoseconds */
    public PracticeRecorder(ExerciseDocument document, OpenBook book, Transport transport, LongSupplier nanos) {
        this.document = document;
        this.book = book;
        this.transport = transport;
        this.nanos = nanos;
        transport.practicingProperty().addListener((property, was, practicing) -> {
            if (practicing) {
                playingSince = nanos.getAsLong();
            } else {
                played += nanos.getAsLong() - playingSince;
            }
        });
        document.onOpened(this::beginAnew);
    }

    private void beginAnew() {
        played = 0;
        playingSince = nanos.getAsLong();
    }

    /** Returns how long the exercise has played since the last entry, in seconds. */
    public int seconds() {
        long now = transport.practicingProperty().get() ? nanos.getAsLong() - playingSince : 0;
        return (int) Math.max(0, Math.min(LogEntry.MAX_SECONDS, (played + now) / NANOS_PER_SECOND));
    }

    /** Returns the open exercise, if it is in the Book. */
    public Optional<UUID> exercise() {
        return document.inBookProperty().get().map(InBook::id);
    }

    /** Returns the tempo of playback. */
    public Tempo tempo() {
        return transport.tempo();
    }

    /** Returns the beat that a bare tempo number counts in an exercise of the Book; a quarter if the Book lacks it. */
    public NoteValue beatOf(String name) {
        if (name.equals(document.exerciseProperty().get().name())) {
            return beat();
        }
        return named(name)
                .flatMap(id -> book.ask(one -> one.exercises().read(id)))
                .map(exercise -> exercise.tempo().beat())
                .orElse(NoteValue.QUARTER);
    }

    /** Returns the beat of the open exercise. */
    public NoteValue beat() {
        return document.exerciseProperty().get().tempo().beat();
    }

    private Optional<UUID> named(String name) {
        return book.ask(one -> one.exercises().named(name))
                .flatMap(found -> found)
                .map(ExerciseSummary::id);
    }

    /** Logs a pass, with the time played since the last entry. */
    public Optional<LogEntry> log(Tempo tempo, RepRating rating, List<String> hard) {
        return add(new PracticeNote(
                Optional.empty(), Optional.empty(), seconds(), Optional.of(tempo), Optional.of(rating), "", hard));
    }

    /** Returns how the runs of today went. */
    public RunsOfDay runsToday() {
        List<LogEntry> entries = book.book().isEmpty()
                ? List.of()
                : exercise()
                        .flatMap(id -> book.ask(one -> one.log().ofExercise(LogOwner.USER, id, MAX_RUNS)))
                        .orElse(List.of());
        return RunsOfDay.of(entries, book.today());
    }

    /** Logs a line of words about the open exercise. */
    public void addWords(String words) {
        add(new PracticeNote(
                Optional.empty(), Optional.empty(), seconds(), Optional.empty(), Optional.empty(), words, List.of()));
    }

    /** Logs a typed note; a name in it means an exercise of the Book. */
    public Optional<LogEntry> add(PracticeNote note) {
        Exercise exercise = document.exerciseProperty().get();
        if (note.what().isEmpty()) {
            document.touch();
        }
        String what = note.what().orElse(exercise.name());
        Optional<UUID> meant = note.what().isEmpty() ? exercise() : named(what);
        LocalDateTime now = book.now();
        LocalDateTime begun =
                note.day().map(day -> day.atTime(now.toLocalTime())).orElse(now.minusSeconds(note.seconds()));
        LogEntry entry = new LogEntry(
                UUID.randomUUID(),
                meant,
                what,
                begun,
                note.seconds(),
                note.tempo(),
                note.rating(),
                note.words(),
                note.hard(),
                Optional.empty());
        Optional<LogEntry> added = book.change(one -> {
            one.log().add(entry);
            return entry;
        });
        added.ifPresent(one -> beginAnew());
        return added;
    }
}
