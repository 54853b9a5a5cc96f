package nimblestride.desktop.document.library;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.service.Status;
import nimblestride.store.book.Book;
import nimblestride.store.book.Collections.Collection;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.RemovedItem;
import nimblestride.store.book.RemovedItem.Kind;

/** Changes the Book so that each change can be undone, and says what it did. Belongs to the interface thread. */
public final class BookEdits {
    private final OpenBook book;
    private final UndoHistory history;
    private final Status status;

    /** @param status shows what was done */
    public BookEdits(OpenBook book, UndoHistory history, Status status) {
        this.book = book;
        this.history = history;
        this.status = status;
    }

    /**
     * Does something that can be undone.
     *
     * @param what was done, such as {@code removed "Weir Steps"}
     * @param undo gets what came of it
     */
    private <T> Optional<T> make(String what, OpenBook.Doing<T> change, BiConsumer<Book, T> undo) {
        Optional<T> made = book.change(change);
        made.ifPresent(first -> {
            Made<T> last = new Made<>(first);
            BooleanSupplier back = () -> book.change(one -> {
                        undo.accept(one, last.value);
                        return true;
                    })
                    .isPresent();
            BooleanSupplier again = () -> {
                Optional<T> next = book.change(change);
                next.ifPresent(value -> last.value = value);
                return next.isPresent();
            };
            history.add(what, back, again);
            status.show(Capitalized.of(what) + ". Ctrl+Z undoes it.");
        });
        return made;
    }

    /** What came of a change the last time it was made. */
    private static final class Made<T> {
        private T value;

        Made(T value) {
            this.value = value;
        }
    }

    private static OpenBook.Doing<Boolean> doing(Consumer<Book> change) {
        return one -> {
            change.accept(one);
            return true;
        };
    }

    /** Removes something; it waits under Recently removed. Returns whether it did. */
    public boolean remove(Kind kind, UUID id, String name) {
        return make(
                        "removed " + quoted(name),
                        one -> one.removed().remove(kind, id, book.now()),
                        (one, removed) -> one.removed().bringBack(removed))
                .isPresent();
    }

    /** Brings something back that was removed. */
    public void bringBack(RemovedItem item) {
        make(
                "brought back " + quoted(item.name()),
                one -> {
                    one.removed().bringBack(item);
                    return item;
                },
                (one, back) -> one.removed().remove(back.kind(), back.id(), book.now()));
    }

    /** Renames an exercise that is not open. */
    public void rename(ExerciseSummary kept, String name) {
        book.ask(one -> one.exercises().read(kept.id())).ifPresent(before -> {
            Exercise after = before.withName(name);
            make(
                    "renamed " + quoted(kept.name()) + " to " + quoted(after.name()),
                    one -> save(one, kept.id(), after),
                    (one, saved) -> save(one, kept.id(), before));
        });
    }

    private ExerciseSummary save(Book one, UUID id, Exercise exercise) {
        long revision = one.exercises().find(id).map(ExerciseSummary::revision).orElse(0L);
        return one.exercises().save(id, revision, exercise, book.now()).summary();
    }

    /** Replaces the tags of an exercise. */
    public void tag(ExerciseSummary kept, Set<String> tags) {
        book.ask(one -> one.exercises().tags(kept.id()))
                .ifPresent(before -> make(
                        "tagged " + quoted(kept.name()),
                        doing(one -> one.exercises().tag(kept.id(), tags)),
                        (one, done) -> one.exercises().tag(kept.id(), before)));
    }

    /** Adds an exercise to the collection of a name, and makes that where there is none. */
    public void collect(ExerciseSummary kept, String collection) {
        boolean isIn = book.ask(one -> one.collections().of(kept.id())).orElse(List.of()).stream()
                .anyMatch(collection.strip()::equalsIgnoreCase);
        if (isIn) {
            status.show(quoted(kept.name()) + " is in " + quoted(collection.strip()) + " already.");
            return;
        }
        make(
                "added " + quoted(kept.name()) + " to " + quoted(collection.strip()),
                one -> {
                    boolean isNew = one.collections().all().stream()
                            .noneMatch(other -> other.name().equalsIgnoreCase(collection.strip()));
                    UUID id = one.collections().named(collection);
                    one.collections().add(id, kept.id());
                    return new Collected(id, isNew);
                },
                (one, done) -> {
                    one.collections().remove(done.collection, kept.id());
                    if (done.isNew) {
                        one.collections().delete(done.collection);
                    }
                });
    }

    private record Collected(UUID collection, boolean isNew) {}

    /** Removes an exercise from a collection; it stays in the Book. */
    public void uncollect(ExerciseSummary kept, Collection collection) {
        make(
                "removed " + quoted(kept.name()) + " from " + quoted(collection.name()),
                doing(one -> one.collections().remove(collection.id(), kept.id())),
                (one, done) -> one.collections().add(collection.id(), kept.id()));
    }

    /** Renames a collection. */
    public void rename(Collection collection, String name) {
        make(
                "renamed " + quoted(collection.name()) + " to " + quoted(name.strip()),
                doing(one -> one.collections().rename(collection.id(), name)),
                (one, done) -> one.collections().rename(collection.id(), collection.name()));
    }

    /** Adds a student. */
    public void add(Student student) {
        make("added " + quoted(student.name()), doing(one -> one.students().save(student)), (one, done) -> one.removed()
                .remove(Kind.STUDENT, student.id(), book.now()));
    }

    /** Changes a student. */
    public void change(Student before, Student after) {
        make("changed " + quoted(after.name()), doing(one -> one.students().save(after)), (one, done) -> one.students()
                .save(before));
    }

    /**
     * Gives the same to several students.
     *
     * @param to whom, such as {@code "Wren"} or {@code 3 students}
     */
    public void assign(List<Assignment> assignments, String to) {
        if (assignments.isEmpty()) {
            return;
        }
        make(
                "assigned " + quoted(assignments.get(0).what()) + " to " + to,
                doing(one -> one.inTransaction(() -> {
                    assignments.forEach(one.students()::save);
                    return Counted.number(assignments.size());
                })),
                (one, done) -> one.inTransaction(() -> {
                    assignments.forEach(each -> one.students().withdraw(each.id()));
                    return true;
                }));
    }

    /** Changes an assignment: done, or due on another day. */
    public void change(Assignment before, Assignment after) {
        make(
                after.done().isPresent()
                        ? "marked " + quoted(after.what()) + " as done"
                        : "changed " + quoted(after.what()),
                doing(one -> one.students().save(after)),
                (one, done) -> one.students().save(before));
    }

    private static String quoted(String name) {
        return "\"" + name + "\"";
    }
}
