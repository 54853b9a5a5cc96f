package nimblestride.desktop.document.sample;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.LadderProgress;
import nimblestride.core.exercise.plan.Rep;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.stage.StageSuggestions;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.store.book.Book;
import nimblestride.store.book.ExerciseSummary;
import org.apache.commons.numbers.fraction.BigFraction;

/** A season of the sample troupe, up to today: ladders, a log, students with assignments. All of it is invented. */
final class SampleSeason {
    private static final int WEEKS = 11;
    private static final List<String> CLIMBED =
            List.of("Weir Steps", "Oars in Elevens", "Towpath Fourteen", "Lock Gate");
    private static final List<String> ALSO_PLAYED = List.of("Lamplighters' Walk", "Lantern Bridge", "Rope Walk");
    private static final List<String> WORDS = List.of(
            "",
            "",
            "left hand late after the bar line",
            "counted aloud first, much better",
            "tense at the end, shorter next time",
            "steady with the click silent for two bars",
            "the five still falls apart when I stop counting");

    private final Book book;
    private final LocalDate today;
    private final Random random = new Random(11);
    private final List<LogEntry> entries = new ArrayList<>();

    SampleSeason(Book book, LocalDate today) {
        this.book = book;
        this.today = today;
    }

    /** Returns the exercise with its practice plan. */
    Exercise planned(Exercise piece) {
        if (!CLIMBED.contains(piece.name())) {
            return piece;
        }
        LadderPace pace = new LadderPace(
                today.minusWeeks(WEEKS),
                today.plusWeeks(3),
                EnumSet.of(DayOfWeek.MONDAY, DayOfWeek.WEDNESDAY, DayOfWeek.FRIDAY, DayOfWeek.SATURDAY));
        return piece.withPractice(piece.practice()
                .withStages(StageSuggestions.leadingTo(piece))
                .withLadder(Ladder.upTo(piece.start().perMinute()).withPace(pace)));
    }

    void write() {
        for (String name : CLIMBED) {
            climb(name);
        }
        for (String name : ALSO_PLAYED) {
            play(name);
        }
        entries.sort(Comparator.comparing(LogEntry::when));
        for (LogEntry entry : entries) {
            book.log().add(entry);
        }
        students();
    }

    private UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }

    private ExerciseSummary kept(String name) {
        return book.exercises().named(name).orElseThrow();
    }

    private void climb(String name) {
        ExerciseSummary kept = kept(name);
        Exercise piece = book.exercises().read(kept.id());
        Ladder ladder = piece.practice().ladder().orElseThrow();
        LadderProgress standing = ladder.startProgress();
        LocalDate from = today.minusWeeks(WEEKS);
        for (LocalDate day : ladder.pace().orElseThrow().daysFrom(from)) {
            if (day.isAfter(today) || random.nextInt(10) < 4) {
                continue;
            }
            RepRating clean = random.nextInt(100) < 72
                    ? RepRating.CLEAN
                    : random.nextBoolean() ? RepRating.NEARLY : RepRating.NOT_YET;
            Tempo tempo = new Tempo(piece.start().beat(), standing.perMinute());
            entries.add(new LogEntry(
                    id(),
                    Optional.of(kept.id()),
                    name,
                    day.atTime(17 + random.nextInt(3), 5 * random.nextInt(12)),
                    60 * (6 + random.nextInt(14)),
                    Optional.of(tempo),
                    Optional.of(clean),
                    WORDS.get(random.nextInt(WORDS.size())),
                    clean == RepRating.CLEAN ? List.of() : List.of(random.nextBoolean() ? "4& of bar 2" : "7 of bar 1"),
                    Optional.empty()));
            standing = standing.after(new Rep(standing.perMinute(), clean, day));
        }
    }

    private void play(String name) {
        ExerciseSummary kept = kept(name);
        Tempo tempo = book.exercises().read(kept.id()).start();
        for (int week = WEEKS; week > 3; week--) {
            entries.add(new LogEntry(
                    id(),
                    Optional.of(kept.id()),
                    name,
                    today.minusWeeks(week).plusDays(random.nextInt(6)).atTime(19, 30),
                    60 * (8 + random.nextInt(10)),
                    Optional.of(tempo),
                    Optional.of(RepRating.CLEAN),
                    "with the troupe",
                    List.of(),
                    Optional.empty()));
        }
    }

    private void students() {
        List<Student> all = List.of(
                new Student(id(), "Wren", "Plays left-handed; learns by ear first.")
                        .withLessons(new LessonTime(today.getDayOfWeek(), LocalTime.of(16, 30)))
                        .inGroups(List.of("Parade")),
                new Student(id(), "Alder", "Reads well, rushes when it gets loud.")
                        .withLessons(new LessonTime(today.getDayOfWeek(), LocalTime.of(17, 15)))
                        .inGroups(List.of("Parade")),
                new Student(id(), "Juniper", "Two lessons a month.")
                        .withLessons(new LessonTime(today.plusDays(2).getDayOfWeek(), LocalTime.of(15, 0)))
                        .inGroups(List.of("Beginners", "Parade")),
                new Student(id(), "Teasel", "").inGroups(List.of("Beginners")));
        for (Student student : all) {
            book.students().save(student);
        }
        set(all.get(0), "Weir Steps", 14, 7, "All limbs, then the kick by itself.", "1/8=150", false);
        set(all.get(0), "Lamplighters' Walk", 21, -2, "Ghost notes softer.", "", false);
        set(all.get(0), "Rope Walk", 28, -14, "", "", true);
        set(all.get(1), "Towpath Fourteen", 7, 7, "With the click silent for one bar in four.", "", false);
        set(all.get(1), "Oars in Elevens", 7, 14, "", "", false);
        set(all.get(2), "Lantern Bridge", 10, 4, "Count aloud, restart at each group.", "", false);
        for (int student = 0; student < 3; student++) {
            lessons(all.get(student));
        }
        diary(all.get(0), "Weir Steps", 9);
        diary(all.get(0), "Lamplighters' Walk", 4);
        diary(all.get(1), "Towpath Fourteen", 6);
    }

    private void set(Student student, String piece, int daysAgo, int dueIn, String note, String tempo, boolean done) {
        book.students()
                .save(new Assignment(
                        id(),
                        student.id(),
                        Optional.of(kept(piece).id()),
                        piece,
                        today.minusDays(daysAgo),
                        Optional.of(today.plusDays(dueIn)),
                        note,
                        Optional.of(tempo).filter(text -> !text.isEmpty()).map(TempoText::read),
                        done ? Optional.of(today.minusDays(15)) : Optional.empty()));
    }

    private void lessons(Student student) {
        book.students()
                .save(new Lesson(
                        id(),
                        student.id(),
                        today.minusDays(14),
                        "Counted the elevens aloud, restarting at each group. Hands good, foot late on the 1.",
                        "One limb at a time, then all; bring the pad."));
        book.students()
                .save(new Lesson(
                        id(),
                        student.id(),
                        today.minusDays(7),
                        "Fills of one bar after three of time. Good at 140, tense from 150 on.",
                        "Stay at 144 until it is easy."));
    }

    private void diary(Student student, String piece, int times) {
        ExerciseSummary kept = kept(piece);
        Tempo goal = book.exercises().read(kept.id()).start();
        for (int i = 0; i < times; i++) {
            book.log()
                    .add(new LogEntry(
                            id(),
                            Optional.of(kept.id()),
                            piece,
                            today.minusDays(13L - i).atTime(16, 30),
                            60 * (10 + random.nextInt(10)),
                            Optional.of(new Tempo(
                                    goal.beat(), BigFraction.of(goal.perMinute().intValue() * (60 + 3 * i) / 100))),
                            Optional.of(i % 3 == 2 ? RepRating.NOT_YET : RepRating.CLEAN),
                            i % 2 == 0 ? "" : "at home, on the practice pad",
                            i % 3 == 2 ? List.of("4& of bar 2") : List.of(),
                            Optional.of(student.id())));
        }
    }
}
