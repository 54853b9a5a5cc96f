package nimblestride.store.book;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.journal.PracticeSummary;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.store.book.RemovedItem.Kind;
import nimblestride.store.book.SavedExercise.Others;
import nimblestride.store.database.BookException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BookTest {
    private static final LocalDateTime NOW = LocalDateTime.of(2026, 11, 25, 18, 0);
    private static final Optional<UUID> MINE = Optional.empty();

    @TempDir
    Path folder;

    private Book book;

    @BeforeEach
    void open() throws IOException {
        book = Book.open(folder.resolve("my.book"), new TypedText());
    }

    @AfterEach
    void close() {
        book.close();
    }

    private void reopen() throws IOException {
        close();
        open();
    }

    @Test
    void theFileAnExerciseCameFromStaysWithIt() throws IOException {
        UUID id = book.exercises().add(exercise("Ferry Bell", "7/8"), NOW).id();
        assertThat(book.importedFiles().nameOf(id)).isEmpty();
        book.importedFiles().keep(id, "ferry.mid", new byte[] {1, 2, 3});
        reopen();
        book.removed().bringBack(book.removed().remove(Kind.EXERCISE, id, NOW));
        assertThat(book.importedFiles().nameOf(id)).contains("ferry.mid");
        assertThat(book.importedFiles().contentOf(id).orElseThrow()).containsExactly(1, 2, 3);
    }

    private static Exercise exercise(String name, String bars, String... layers) {
        return Examples.exercise(bars, layers).withName(name);
    }

    private List<String> found(String words) throws BookException {
        return book.exercises().search(words, 0, 100).stream()
                .map(ExerciseSummary::name)
                .toList();
    }

    @Test
    void whatIsKeptIsThereAgainAndSearchedAsItIsTyped() throws IOException {
        ExerciseSummary weir =
                book.exercises().add(exercise("Weir Steps", "10/8(3+3+2+2) x2, 9/16", "kick every 5/16"), NOW);
        book.exercises().add(exercise("Oars in Elevens", "11/8(3+3+3+2)", "snare sticking lR rrL of 1/8"), NOW);
        book.exercises().add(exercise("Café \"Lantern\"", "7/8", "snare 4 over bar"), NOW);
        reopen();
        assertThat(found("")).containsExactly("Café \"Lantern\"", "Oars in Elevens", "Weir Steps");
        assertThat(found("everything in elevens")).containsExactly("Oars in Elevens");
        assertThat(found("11/8")).containsExactly("Oars in Elevens");
        assertThat(found("11/")).containsExactly("Oars in Elevens");
        assertThat(found("3+3+2+2")).containsExactly("Weir Steps");
        assertThat(found("cafe")).containsExactly("Café \"Lantern\"");
        assertThat(found("poly")).hasSize(2);
        assertThat(found("polyrh")).containsExactly("Café \"Lantern\"");
        assertThat(found("flam")).containsExactly("Oars in Elevens");
        assertThat(found("weir kick")).containsExactly("Weir Steps");
        assertThat(found("nothing of the kind")).isEmpty();
        assertThat(found("\"*' OR NEAR( -- ;")).isEmpty();
        assertThat(book.exercises().read(weir.id()))
                .isEqualTo(exercise("Weir Steps", "10/8(3+3+2+2) x2, 9/16", "kick every 5/16"));
        assertThat(book.exercises().named("weir steps")).contains(weir);
    }

    @Test
    void anExerciseIsFoundByWhatItHasBecome() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        ExerciseSummary saved =
                save(book, kept, exercise("Weir Stones", "13/8")).summary();
        assertThat(found("steps")).isEmpty();
        assertThat(found("thirteens")).containsExactly("Weir Stones");
        assertThat(saved.revision()).isEqualTo(2);
        book.exercises().tag(kept.id(), Set.of("Parade", " slow "));
        assertThat(found("para")).containsExactly("Weir Stones");
        assertThat(book.exercises().tags(kept.id())).containsExactly("parade", "slow");
        assertThat(book.exercises().allTags()).containsExactly("parade", "slow");
        book.exercises().tag(kept.id(), Set.of());
        assertThat(found("para")).isEmpty();
    }

    @Test
    void nobodyWritesOverWhatTheyHaveNotSeen() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        try (Book other = Book.open(folder.resolve("my.book"), new TypedText())) {
            save(other, kept, exercise("Weir Steps", "11/8"));
            SavedExercise saved = save(book, kept, exercise("Weir Steps", "9/8"));
            assertThat(saved.others()).isEqualTo(Others.EDITED);
            assertThat(other.exercises().read(kept.id()).phrase()).isEqualTo(Examples.bars("9/8"));
            assertThat(states(kept)).containsExactly(exercise("Weir Steps", "11/8"));
            // The same again is no edit, whoever has written it.
            assertThat(save(other, kept, exercise("Weir Steps", "9/8")).others())
                    .isEqualTo(Others.NONE);
            assertThat(states(kept)).hasSize(1);
        }
    }

    private static SavedExercise save(Book book, ExerciseSummary seen, Exercise exercise) {
        return book.exercises().save(seen.id(), seen.revision(), exercise, NOW);
    }

    private List<Exercise> states(ExerciseSummary kept) {
        return book.history().of(kept.id()).stream().map(book.history()::read).toList();
    }

    @Test
    void anEditBringsBackWhatAnotherWindowRemoved() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        book.removed().remove(Kind.EXERCISE, kept.id(), NOW);
        assertThat(save(book, kept, exercise("Weir Steps", "11/8")).others()).isEqualTo(Others.REMOVED);
        assertThat(found("weir")).containsExactly("Weir Steps");
        // What was removed does not come over what is there.
        assertThatThrownBy(() -> book.removed().bringBack(book.removed().all().get(0)))
                .hasMessageContaining("in the Book already");
        assertThat(book.exercises().read(kept.id()).phrase()).isEqualTo(Examples.bars("11/8"));
    }

    @Test
    void eachSittingIsAState() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        for (int minute = 1; minute <= 50; minute++) {
            book.exercises().save(kept.id(), minute, exercise("Weir Steps", minute + "/8"), NOW.plusMinutes(minute));
        }
        assertThat(states(kept)).isEmpty();
        book.exercises().save(kept.id(), 51, exercise("Weir Steps", "3/4"), NOW.plusMinutes(110));
        assertThat(states(kept)).containsExactly(exercise("Weir Steps", "50/8"));
        book.exercises().save(kept.id(), 52, exercise("Weir Steps", "5/4"), NOW.plusDays(1));
        assertThat(states(kept)).containsExactly(exercise("Weir Steps", "3/4"), exercise("Weir Steps", "50/8"));
        book.history().name(kept.id(), exercise("Weir Steps", "7/4"), " before the lesson ", NOW.plusDays(2));
        ExerciseState named = book.history().of(kept.id()).get(0);
        assertThat(named.name()).isEqualTo("before the lesson");
        assertThatThrownBy(() -> book.history().name(kept.id(), exercise("A", "4/4"), "  ", NOW))
                .hasMessageContaining("1 to 200");
        reopen();
        assertThat(states(kept)).hasSize(3);
        book.removed().bringBack(book.removed().remove(Kind.EXERCISE, kept.id(), NOW));
        assertThat(states(kept)).hasSize(3);
    }

    @Test
    void whatIsRemovedWaitsAndComesBackWhole() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        UUID lanterns = book.collections().named("Lanterns");
        book.collections().add(lanterns, kept.id());
        Student wren = new Student(UUID.randomUUID(), "Wren", "left-handed")
                .withLessons(LessonTime.parse("Tue 4:30 PM"))
                .inGroups(List.of("Parade", "Beginners"));
        book.students().save(wren);
        Assignment set = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.of(kept.id()),
                "Weir Steps",
                NOW.toLocalDate(),
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.empty());
        book.students().save(set);
        LogEntry entry = entry(kept.id(), 1, 120, RepRating.CLEAN, Optional.of(wren.id()), "2a of bar 1");
        book.log().add(entry);

        book.removed().remove(Kind.ASSIGNMENT, set.id(), NOW);
        book.removed().remove(Kind.COLLECTION, lanterns, NOW);
        book.removed().remove(Kind.STUDENT, wren.id(), NOW);
        assertThat(book.removed().all())
                .extracting(RemovedItem::name)
                .containsExactly("Wren", "Lanterns", "Weir Steps, for Wren");
        assertThat(book.students().students()).isEmpty();
        assertThat(book.log().size()).isZero();
        reopen();
        List<RemovedItem> waiting = book.removed().all();
        assertThatThrownBy(() -> book.removed().bringBack(waiting.get(2)))
                .hasMessageContaining("Bring the student back first");
        // A collection of this name was made meanwhile.
        book.collections().named("lanterns");
        waiting.forEach(book.removed()::bringBack);
        assertThat(book.removed().all()).isEmpty();
        assertThat(book.students().students()).containsExactly(wren);
        assertThat(book.students().groups()).containsExactly("Beginners", "Parade");
        assertThat(book.students().assignments(wren.id())).containsExactly(set);
        assertThat(book.log().ofExercise(LogOwner.student(wren.id()), kept.id(), 10))
                .containsExactly(entry);
        assertThat(book.collections().of(kept.id())).containsExactly("Lanterns (brought back)");
        assertThatThrownBy(() -> book.removed().remove(Kind.STUDENT, UUID.randomUUID(), NOW))
                .hasMessageContaining("This student is no longer in the Book");
    }

    @Test
    void aFileThatComesAgainIsKnown() throws IOException {
        UUID old = book.exercises().add(exercise("Ferry Bell", "7/8"), NOW).id();
        UUID last = book.exercises().add(exercise("Ferry Bell", "5/8"), NOW).id();
        book.importedFiles().keep(old, "ferry.mid", new byte[] {1, 2, 3});
        book.importedFiles().keep(last, "ferry.mid", new byte[] {4});
        assertThat(book.importedFiles().importedAs("other.mid", new byte[] {1, 2, 3}))
                .contains(old);
        assertThat(book.importedFiles().importedAs("ferry.mid", new byte[] {9})).contains(last);
        assertThat(book.importedFiles().importedAs("other.mid", new byte[] {9})).isEmpty();
        book.removed().remove(Kind.EXERCISE, last, NOW);
        assertThat(book.importedFiles().importedAs("ferry.mid", new byte[] {9})).contains(old);
    }

    @Test
    void aCollectionIsRenamed() throws IOException {
        UUID lanterns = book.collections().named("Lanterns");
        book.collections().named("Bridge");
        book.collections().rename(lanterns, " Lanterns 2 ");
        assertThat(book.collections().all())
                .extracting(Collections.Collection::name)
                .containsExactly("Bridge", "Lanterns 2");
        assertThatThrownBy(() -> book.collections().rename(lanterns, "bridge")).hasMessageContaining("already");
    }

    @Test
    void whatIsTakenOutCanBePutBackAsItWas() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW);
        book.exercises().tag(kept.id(), Set.of("parade"));
        UUID collection = book.collections().named("Lanterns");
        book.collections().add(collection, kept.id());
        RemovedItem out = book.removed().remove(Kind.EXERCISE, kept.id(), NOW);
        assertThat(book.exercises().size()).isZero();
        assertThat(found("weir")).isEmpty();
        assertThat(book.exercises().find(kept.id())).isEmpty();
        assertThatThrownBy(() -> book.exercises().read(kept.id())).hasMessageContaining("no longer in the Book");
        book.removed().bringBack(out);
        assertThat(book.exercises().find(kept.id())).contains(kept);
        assertThat(book.exercises().tags(kept.id())).containsExactly("parade");
        assertThat(book.collections().of(kept.id())).containsExactly("Lanterns");
        assertThat(found("parade weir")).containsExactly("Weir Steps");
    }

    @Test
    void collectionsKeepTheirOrder() throws IOException {
        ExerciseSummary last = book.exercises().add(exercise("Zither", "7/8"), NOW);
        ExerciseSummary first = book.exercises().add(exercise("Anchor", "7/8"), NOW);
        UUID lanterns = book.collections().named("Lanterns");
        assertThat(book.collections().named("lanterns")).isEqualTo(lanterns);
        book.collections().add(lanterns, last.id());
        book.collections().add(lanterns, first.id());
        book.collections().add(lanterns, last.id());
        assertThat(book.exercises().searchIn(lanterns, "", 0, 10))
                .extracting(ExerciseSummary::name)
                .containsExactly("Zither", "Anchor");
        assertThat(book.exercises().searchIn(lanterns, "anch", 0, 10)).hasSize(1);
        assertThat(book.collections().all())
                .extracting(Collections.Collection::size)
                .containsExactly(2);
        book.collections().remove(lanterns, last.id());
        assertThat(book.exercises().searchIn(lanterns, "", 0, 10)).hasSize(1);
        book.collections().delete(lanterns);
        assertThat(book.collections().all()).isEmpty();
        assertThat(book.exercises().size()).isEqualTo(2);
        assertThatThrownBy(() -> book.collections().named("  ")).hasMessageContaining("a name of 1 to 200");
    }

    private static LogEntry entry(
            UUID exercise, int daysAgo, int perMinute, RepRating rating, Optional<UUID> student, String... hard) {
        return new LogEntry(
                UUID.randomUUID(),
                Optional.of(exercise),
                "Weir Steps",
                NOW.minusDays(daysAgo),
                300,
                Optional.of(TempoText.read(String.valueOf(perMinute))),
                Optional.of(rating),
                "",
                List.of(hard),
                student);
    }

    @Test
    void theLogTellsWhatWasPractised() throws IOException {
        ExerciseSummary kept = book.exercises().add(exercise("Weir Steps", "10/8"), NOW.minusDays(30));
        ExerciseSummary other = book.exercises().add(exercise("Untouched", "7/8"), NOW.minusDays(30));
        LogEntry first = entry(kept.id(), 8, 60, RepRating.CLEAN, MINE, "4&");
        LogEntry second = entry(kept.id(), 1, 64, RepRating.NOT_YET, MINE, "4&", "a of 2");
        book.log().add(first);
        book.log().add(second);
        book.log().add(entry(kept.id(), 0, 100, RepRating.CLEAN, Optional.of(UUID.randomUUID())));
        LocalDate today = NOW.toLocalDate();
        assertThat(book.log().between(LogOwner.USER, today.minusDays(8), today, 10))
                .containsExactly(second, first);
        assertThat(book.log().between(LogOwner.USER, today.minusDays(7), today, 10))
                .containsExactly(second);
        assertThat(book.log().ofExercise(LogOwner.USER, kept.id(), 10)).containsExactly(first, second);
        assertThat(book.log().secondsByDay(LogOwner.USER, today.minusDays(30), today))
                .containsExactlyEntriesOf(new TreeMap<>(Map.of(today.minusDays(8), 300L, today.minusDays(1), 300L)));
        assertThat(book.log().hardPlaces(LogOwner.USER, kept.id(), 10))
                .containsExactly(Map.entry("4&", 2), Map.entry("a of 2", 1));
        assertThat(book.log().lastClean(LogOwner.USER, kept.id())).contains(TempoText.read("60"));
        PracticeSummary untouched =
                new PracticeSummary(other.id(), "Untouched", today.minusDays(30), Optional.empty(), 0, 0, 0);
        PracticeSummary weir = new PracticeSummary(
                kept.id(), "Weir Steps", today.minusDays(30), Optional.of(today.minusDays(1)), 600, 2, 1);
        assertThat(book.log().summaries(LogOwner.USER)).containsExactly(untouched, weir);
        book.log().change(second.ownedBy(LogOwner.USER).saying(second.note()));
        book.removed().remove(Kind.LOG_ENTRY, first.id(), NOW);
        assertThat(book.log().between(LogOwner.USER, today.minusDays(8), today, 10))
                .containsExactly(second);
    }

    @Test
    void aLogThatComesTwiceIsCountedOnce() throws IOException {
        Student wren = new Student(UUID.randomUUID(), "Wren", "");
        book.students().save(wren);
        List<LogEntry> log = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            log.add(entry(UUID.randomUUID(), i, 60 + i, RepRating.NEARLY, Optional.of(wren.id())));
        }
        assertThat(book.log().merge(log)).isEqualTo(new PracticeLog.Merged(20, 0, 0));
        assertThat(book.log().merge(log)).isEqualTo(new PracticeLog.Merged(0, 0, 20));
        LogEntry fixed = new LogEntry(
                log.get(3).id(),
                log.get(3).exercise(),
                "Weir",
                log.get(3).when(),
                60,
                Optional.empty(),
                Optional.empty(),
                "",
                List.of(),
                log.get(3).student());
        log.set(3, fixed);
        log.add(entry(UUID.randomUUID(), 0, 99, RepRating.CLEAN, Optional.of(wren.id())));
        assertThat(book.log().merge(log)).isEqualTo(new PracticeLog.Merged(1, 1, 19));
        // The same entries under somebody else's name are left with whom they belong to.
        List<LogEntry> asMine =
                log.stream().map(entry -> entry.ownedBy(LogOwner.USER)).toList();
        assertThat(book.log().merge(asMine)).isEqualTo(new PracticeLog.Merged(0, 0, 21));
        assertThat(book.log().size()).isEqualTo(21);
        List<LogEntry> told = new ArrayList<>();
        book.log().each(LogOwner.student(wren.id()), told::add);
        assertThat(told).containsExactlyElementsOf(log);
    }

    /** Another Book taken over: what is there stays, and nothing is added for somebody who is not. */
    @Test
    void whatIsThereStaysWhenAnotherBookIsTakenOver() throws IOException {
        LocalDate today = NOW.toLocalDate();
        Student wren = new Student(UUID.randomUUID(), "Wren", "left-handed");
        assertThat(book.students().add(wren)).isTrue();
        assertThat(book.students().add(new Student(wren.id(), "Older Wren", "")))
                .isFalse();
        assertThat(book.students().students()).containsExactly(wren);
        Assignment set = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.empty(),
                "A",
                today,
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.of(today));
        book.students().add(set);
        book.students().add(set.reopened());
        book.students()
                .add(new Assignment(
                        UUID.randomUUID(),
                        UUID.randomUUID(),
                        Optional.empty(),
                        "B",
                        today,
                        Optional.empty(),
                        "",
                        Optional.empty(),
                        Optional.empty()));
        assertThat(book.students().assignments(wren.id())).containsExactly(set);
        Lesson lesson = new Lesson(UUID.randomUUID(), wren.id(), today, "counted", "");
        book.students().add(lesson);
        book.students().add(new Lesson(lesson.id(), wren.id(), today, "older", ""));
        assertThat(book.students().lessons(wren.id())).containsExactly(lesson);
        LogEntry entry = entry(UUID.randomUUID(), 0, 60, RepRating.CLEAN, MINE);
        assertThat(book.log().addNew(List.of(entry))).isEqualTo(new PracticeLog.Merged(1, 0, 0));
        LogEntry older = entry.withoutExercise();
        assertThat(book.log().addNew(List.of(older))).isEqualTo(new PracticeLog.Merged(0, 0, 1));
        assertThat(book.log().between(LogOwner.USER, today, today, 10)).containsExactly(entry);
    }

    /** What came in last counts as last, whatever the clock says. */
    @Test
    void aClockThatIsSetBackTurnsNoLadderRound() throws IOException {
        UUID weir = book.exercises().add(exercise("Weir Steps", "10/8"), NOW).id();
        LogEntry before = entry(weir, 0, 60, RepRating.CLEAN, MINE);
        LogEntry after = entry(weir, 400, 64, RepRating.CLEAN, MINE);
        book.log().add(before);
        book.log().add(after);
        assertThat(book.log().ofExercise(LogOwner.USER, weir, 10)).containsExactly(before, after);
        assertThat(book.log().lastClean(LogOwner.USER, weir)).contains(TempoText.read("64"));
    }

    @Test
    void studentsHaveWhatIsSetForThemAndTheirLessons() throws IOException {
        LocalDate today = NOW.toLocalDate();
        Student wren = new Student(UUID.randomUUID(), "Wren", "left-handed");
        book.students().save(new Student(UUID.randomUUID(), "Alder", ""));
        book.students().save(wren);
        book.students().save(new Student(wren.id(), "Wren", "plays left-handed"));
        assertThat(book.students().students()).extracting(Student::note).containsExactly("", "plays left-handed");
        Assignment open = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.empty(),
                "B",
                today,
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.empty());
        Assignment due = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.of(UUID.randomUUID()),
                "A",
                today,
                Optional.of(today.plusDays(7)),
                "slowly",
                Optional.of(Tempo.ofQuarters(75)),
                Optional.empty());
        Assignment done = new Assignment(
                UUID.randomUUID(),
                wren.id(),
                Optional.empty(),
                "C",
                today,
                Optional.empty(),
                "",
                Optional.empty(),
                Optional.of(today));
        for (Assignment one : List.of(done, open, due)) {
            book.students().save(one);
        }
        assertThat(book.students().assignments(wren.id())).containsExactly(due, open, done);
        book.students().save(due.doneOn(today.plusDays(3)));
        assertThat(book.students().assignments(wren.id())).startsWith(open);
        book.removed().remove(Kind.ASSIGNMENT, open.id(), NOW);
        assertThat(book.students().assignments(wren.id())).hasSize(2);
        Lesson lesson = new Lesson(UUID.randomUUID(), wren.id(), today, "counted aloud", "");
        book.students().save(lesson);
        book.students().save(new Lesson(lesson.id(), wren.id(), today, "counted aloud", "the pad"));
        assertThat(book.students().lessons(wren.id())).extracting(Lesson::next).containsExactly("the pad");
        book.log().add(entry(UUID.randomUUID(), 0, 60, RepRating.CLEAN, Optional.of(wren.id())));
        book.removed().remove(Kind.STUDENT, wren.id(), NOW);
        assertThat(book.students().assignments(wren.id())).isEmpty();
        assertThat(book.students().lessons(wren.id())).isEmpty();
        assertThat(book.log().size()).isZero();
    }

    @Test
    void whatFailsHalfwayChangesNothing() throws IOException {
        List<Exercise> exercises =
                IntStream.range(0, 10).mapToObj(i -> exercise("E" + i, "7/8")).toList();
        Book failing = Book.open(folder.resolve("failing.book"), new ExerciseCodec() {
            @Override
            public String write(Exercise exercise) {
                if (exercise.name().equals("E7")) {
                    throw new IllegalStateException("no more room");
                }
                return new TypedText().write(exercise);
            }

            @Override
            public Exercise read(String text) {
                return new TypedText().read(text);
            }
        });
        try (failing) {
            assertThatThrownBy(() -> failing.exercises().addAll(exercises, NOW)).hasMessage("no more room");
            assertThat(failing.exercises().size()).isZero();
        }
    }

    @ParameterizedTest
    @CsvSource({"5, 3, 5", "0, 10, 8", "7, 10, 1", "9, 10, 0"})
    void longListsComeInParts(int from, int most, int expected) throws IOException {
        book.exercises()
                .addAll(
                        IntStream.range(0, 8)
                                .mapToObj(i -> exercise("E" + i, "7/8"))
                                .toList(),
                        NOW);
        assertThat(book.exercises().search("sevens", from, most)).hasSize(Math.min(expected, most));
    }
}
