package nimblestride.desktop.workspace.students;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.store.book.Book;

/**
 * What a teacher sees of a student before the lesson.
 *
 * @param practiced the last day with a log entry; empty for none in the last weeks
 * @param last the last lesson; empty for none
 */
public record StudentGlance(
        Student student, List<Assignment> open, Optional<LocalDate> practiced, Optional<Lesson> last, LocalDate today) {
    private static final int LOOKED_BACK_WEEKS = 12;
    private static final Comparator<StudentGlance> BY_TIME = Comparator.comparing(
                    (StudentGlance one) ->
                            one.student().lessons().map(LessonTime::time).orElse(null),
                    Comparator.nullsLast(Comparator.naturalOrder()))
            .thenComparing(one -> one.student().name(), String.CASE_INSENSITIVE_ORDER);

    public StudentGlance {
        open = List.copyOf(open);
    }

    /** Reads all students, by name. */
    static List<StudentGlance> all(Book book, LocalDate today) {
        return book.students().students().stream()
                .map(student -> of(book, student, today))
                .toList();
    }

    /**
     * Reads the students who have a lesson today, in the order of their times.
     *
     * @throws nimblestride.core.foundation.failure.StrideException if the Book can't be read
     */
    public static List<StudentGlance> today(Book book, LocalDate today) {
        return today(all(book, today));
    }

    /** Returns those who have a lesson today, in the order of their times. */
    static List<StudentGlance> today(List<StudentGlance> students) {
        return students.stream().filter(StudentGlance::isToday).sorted(BY_TIME).toList();
    }

    private static StudentGlance of(Book book, Student student, LocalDate today) {
        return new StudentGlance(
                student,
                book.students().assignments(student.id()).stream()
                        .filter(assignment -> assignment.done().isEmpty())
                        .toList(),
                book
                        .log()
                        .between(LogOwner.student(student.id()), today.minusWeeks(LOOKED_BACK_WEEKS), today, 1)
                        .stream()
                        .map(entry -> entry.when().toLocalDate())
                        .findFirst(),
                book.students().lessons(student.id()).stream().findFirst(),
                today);
    }

    /** Returns whether the student has a lesson today: by agreement, or because notes of one were taken. */
    boolean isToday() {
        return student.lessons().filter(time -> time.isOn(today)).isPresent()
                || last.filter(lesson -> lesson.day().equals(today)).isPresent();
    }

    /** Returns {@code 4:30 PM  Wren}, {@code Wren (Tuesday 4:30 PM)}. */
    public String title() {
        return student.lessons()
                .map(time -> time.isOn(today) ? time.clock() + "  " + student.name() : student.name() + " · " + time)
                .orElse(student.name());
    }

    /** Returns {@code 2 pieces assigned, 1 overdue. Practiced on Tuesday. Next: the fills in bar 2.} */
    String sentence() {
        List<String> said = new ArrayList<>();
        long overdue = open.stream()
                .filter(assignment ->
                        assignment.due().filter(due -> due.isBefore(today)).isPresent())
                .count();
        said.add(
                open.isEmpty()
                        ? "Nothing assigned"
                        : Counted.count(open.size(), "piece") + " assigned"
                                + (overdue == 0 ? "" : ", " + Counted.number(overdue) + " overdue"));
        said.add(practiced.map(day -> "last practiced " + day(day)).orElse("nothing in the log"));
        last.map(Lesson::next).filter(next -> !next.isBlank()).ifPresent(next -> said.add("next: " + next.strip()));
        String line = String.join("; ", said);
        return line.endsWith(".") ? line : line + ".";
    }

    private String day(LocalDate day) {
        long ago = ChronoUnit.DAYS.between(day, today);
        if (ago == 0) {
            return "today";
        }
        DayOfWeek week = day.getDayOfWeek();
        return ago == 1
                ? "yesterday"
                : ago < 7 ? "on " + week.getDisplayName(TextStyle.FULL, Locale.US) : "on " + SpokenDate.brief(day);
    }
}
