package nimblestride.desktop.workspace.students;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.FlowPane;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.BookTransfer;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses the student; adds and removes students, edits their notes, hands out exercises, and merges their logs. */
final class StudentBar extends FlowPane {
    private final OpenBook book;
    private final StudentHandout handout;
    private final WindowServices services;
    private final Runnable changed;
    private final ComboBox<Student> students = new ComboBox<>();
    private boolean showing;

    /** @param changed runs when another student is chosen or the list changes */
    StudentBar(OpenBook book, StudentHandout handout, WindowServices services, Runnable changed) {
        this.book = book;
        this.handout = handout;
        this.services = services;
        this.changed = changed;
        getStyleClass().add("flow-line");
        students.setId("student");
        students.setPrefWidth(130);
        students.setMinWidth(130);
        students.setAccessibleText("Student");
        students.setConverter(new TitleConverter<>(Student::name));
        students.setPromptText("No students yet");
        students.valueProperty().addListener(change -> {
            if (!showing) {
                changed.run();
            }
        });
        getChildren()
                .setAll(
                        students,
                        new SmallButton("New…", "student-new", this::newStudent),
                        new SmallButton("Notes…", "student-remember", this::remember),
                        new SmallButton("Merge log…", "student-merge", this::merge),
                        new SmallButton("Booklet…", "student-booklet", () -> handOut(true)),
                        new SmallButton("Save file…", "student-file", () -> handOut(false)),
                        new SmallButton("Remove…", "student-out", this::takeOut));
    }

    Optional<Student> chosen() {
        return Optional.ofNullable(students.getValue());
    }

    /** Lists the students again; keeps the choice. */
    void list() {
        book.ask(one -> one.students().students()).ifPresent(all -> {
            showing = true;
            Optional<UUID> before = chosen().map(Student::id);
            students.getItems().setAll(all);
            students.setValue(all.stream()
                    .filter(one -> before.equals(Optional.of(one.id())))
                    .findFirst()
                    .orElse(all.isEmpty() ? null : all.get(0)));
            showing = false;
            changed.run();
        });
    }

    private void newStudent() {
        services.dialogs()
                .askLine("New student", "Name", "")
                .filter(name -> !name.isBlank())
                .ifPresent(name -> {
                    Student student = new Student(UUID.randomUUID(), name.strip(), "");
                    book.ask(one -> {
                                one.students().save(student);
                                return true;
                            })
                            .ifPresent(done -> {
                                showing = true;
                                students.getItems().add(student);
                                students.setValue(student);
                                showing = false;
                                book.changed();
                            });
                });
    }

    private void remember() {
        chosen().ifPresent(one -> services.dialogs()
                .askLine("Notes on " + one.name(), "One line", one.note())
                .ifPresent(line -> book.change(open -> {
                    open.students().save(new Student(one.id(), one.name(), line));
                    return true;
                })));
    }

    private void takeOut() {
        chosen().filter(one -> services.dialogs()
                        .confirm(
                                "Remove " + one.name() + " from the Book?",
                                "This also removes their assignments, lessons, and log. The program backs up the Book first.",
                                "Remove"))
                .ifPresent(one -> book.change(open -> {
                    book.backups().keepNow("before-taking-out", book.now());
                    open.students().remove(one.id());
                    return true;
                }));
    }

    private void merge() {
        chosen().ifPresent(one -> services.dialogs()
                .fileToOpen(List.of("json"))
                .ifPresent(file -> book.run(
                        "Merging " + file.getFileName(),
                        (open, progress) -> BookTransfer.mergeLog(open, LogOwner.student(one.id()), file, progress),
                        merged -> services.status().show(one.name() + ": " + BookTransfer.said(merged) + "."))));
    }

    private void handOut(boolean asBooklet) {
        chosen().ifPresent(student -> {
            if (asBooklet) {
                handout.booklet(student);
            } else {
                handout.file(student);
            }
        });
    }
}
