package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.formats.json.DraftJson;
import nimblestride.formats.json.DraftJson.Draft;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.RemovedItem;
import nimblestride.store.database.Backups;

/**
 * Kills a program that edits, logs, adds, and removes, at random moments, and checks that everything it reported as saved is there. To reach: 200 times,
 * nothing lost, and the Book opens every time.
 */
public final class KillsMeasure {
    private static final int TIMES = 200;
    private static final int MAX_LIFE = 900;
    private static final int ROUNDS_PER_RESTORE = 5;

    private KillsMeasure() {}

    /** @param args for the one that is killed: its folder; nothing for the one that kills */
    public static void main(String[] args) throws Exception {
        if (args.length > 0) {
            live(Path.of(args[0]));
            return;
        }
        Path folder = Files.createTempDirectory("nimble-stride-kills");
        Random random = new Random(3);
        int reported = 0;
        int lost = 0;
        int closed = 0;
        for (int i = 0; i < TIMES; i++) {
            List<String> saved = killed(folder, random.nextInt(MAX_LIFE));
            reported += saved.size();
            try (Book book = Book.open(file(folder), OpenBook.AS_JSON)) {
                book.checkWhole();
                lost += missing(book, folder, saved);
            } catch (StrideException e) {
                closed++;
                System.out.println(e.getMessage());
            }
            if (i % 20 == 19) {
                System.out.printf(
                        "killed %d times: %,d things told to be saved, %d of them lost, %d times the Book did not open%n",
                        i + 1, reported, lost, closed);
            }
        }
    }

    private static Path file(Path folder) {
        return folder.resolve("killed.book");
    }

    private static Path draft(Path folder) {
        return folder.resolve("draft.json");
    }

    /** Lets a program live for a while after its first word, kills it, and gives all it has said. */
    private static List<String> killed(Path folder, int milliseconds) throws Exception {
        Path said = folder.resolve("said.txt");
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        KillsMeasure.class.getName(),
                        folder.toString())
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .redirectOutput(said.toFile())
                .start();
        while (process.isAlive() && Files.size(said) == 0) {
            TimeUnit.MILLISECONDS.sleep(5);
        }
        TimeUnit.MILLISECONDS.sleep(milliseconds);
        process.destroyForcibly().waitFor();
        // The last line may have been cut off while it was said.
        return Files.readAllLines(said).stream()
                .filter(line -> line.endsWith("."))
                .toList();
    }

    private static int missing(Book book, Path folder, List<String> saved) throws IOException {
        int missing = 0;
        long revision = 0;
        long drafted = 0;
        for (String line : saved) {
            String[] words = line.substring(0, line.length() - 1).split(" ");
            switch (words[0]) {
                case "entry" -> {
                    UUID exercise = UUID.fromString(words[1]);
                    boolean there =
                            book.log().ofExercise(LogOwner.USER, exercise, 1).size() == 1;
                    missing += there ? 0 : 1;
                }
                case "added" -> missing += isKept(book, UUID.fromString(words[1])) ? 0 : 1;
                case "removed" -> missing += isRemoved(book, UUID.fromString(words[1])) ? 0 : 1;
                case "exercise" -> revision = Long.parseLong(words[2]);
                default -> drafted = Long.parseLong(words[1]);
            }
        }
        Optional<ExerciseSummary> edited = book.exercises().named("Edited");
        missing += edited.isEmpty() || edited.get().revision() < revision ? 1 : 0;
        if (drafted > 0) {
            long tempo =
                    DraftJson.read(draft(folder)).exercise().tempo().perMinute().longValue();
            // The one after it may have been written already.
            missing += tempo == drafted || tempo == next(drafted) ? 0 : 1;
        }
        return missing;
    }

    /** Returns whether an exercise is in the Book, or among what was removed from it. */
    private static boolean isKept(Book book, UUID exercise) {
        return book.exercises().find(exercise).isPresent() || isRemoved(book, exercise);
    }

    private static boolean isRemoved(Book book, UUID exercise) {
        return book.removed().all().stream().anyMatch(item -> item.id().equals(exercise));
    }

    private static long next(long tempo) {
        return tempo % 900 + 1;
    }

    /** Backs the Book up and restores it at once: nothing of it changes, at whichever moment it is killed. */
    private static ExerciseSummary restored(Book book, ExerciseSummary kept) throws IOException {
        Backups.Backup backup = book.backups().keepNow("killed", LocalDateTime.now(ZoneOffset.UTC));
        book.restore(backup.file(), LocalDateTime.now(ZoneOffset.UTC));
        for (Backups.Backup old : book.backups().all()) {
            Files.delete(old.file());
        }
        return book.exercises().find(kept.id()).orElseThrow();
    }

    /** Edits, logs, drafts, adds, and removes until it is killed, and says each time what has been saved. */
    private static void live(Path folder) throws IOException {
        try (Book book = Book.open(file(folder), OpenBook.AS_JSON)) {
            Exercise exercise = new Exercise("Edited", BarsText.read("11/8"), List.of(), Tempo.ofQuarters(96));
            ExerciseSummary kept = book.exercises().named("Edited").isPresent()
                    ? book.exercises().named("Edited").get()
                    : book.exercises().add(exercise, BigBook.NOW);
            long tempo = 0;
            while (true) {
                tempo = next(tempo);
                Exercise edited = exercise.withTempo(Tempo.ofQuarters(tempo));
                DraftJson.write(Draft.of(edited), draft(folder));
                System.out.println("draft " + tempo + ".");
                kept = book.exercises()
                        .save(kept.id(), kept.revision(), edited, BigBook.NOW)
                        .summary();
                System.out.println("exercise Edited " + kept.revision() + ".");
                UUID id = UUID.randomUUID();
                book.log()
                        .add(new LogEntry(
                                id,
                                Optional.of(id),
                                "Edited",
                                BigBook.NOW,
                                60,
                                Optional.empty(),
                                Optional.empty(),
                                "",
                                List.of(),
                                Optional.empty()));
                System.out.println("entry " + id + ".");
                UUID other = book.exercises()
                        .add(exercise.withName("Other"), BigBook.NOW)
                        .id();
                System.out.println("added " + other + ".");
                book.removed().remove(RemovedItem.Kind.EXERCISE, other, BigBook.NOW);
                System.out.println("removed " + other + ".");
                if (tempo % ROUNDS_PER_RESTORE == 0) {
                    kept = restored(book, kept);
                }
            }
        }
    }
}
