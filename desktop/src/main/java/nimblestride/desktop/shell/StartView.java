package nimblestride.desktop.shell;

import java.time.LocalDate;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.start.StartCard;
import nimblestride.desktop.workspace.start.StartDay;
import nimblestride.desktop.workspace.start.StartPane;
import nimblestride.store.book.ExerciseSummary;

/** Shows the start page in place of the Road and the workspace, until something is chosen or edited. */
final class StartView implements StartPane.Choice, AutoCloseable {
    private final ExerciseDocument document;
    private final OpenBook book;
    private final Runnable help;
    private final WindowServices services;
    private final Cover<StartPane> cover;
    private final LatestOnly reading = new LatestOnly("reading the day");

    /** @param help shows the program in three minutes */
    StartView(CenterPane center, ExerciseDocument document, OpenBook book, Runnable help, WindowServices services) {
        this.cover = new Cover<>(center, () -> new StartPane(this), StartPane::setPalette);
        this.document = document;
        this.book = book;
        this.help = help;
        this.services = services;
        document.exerciseProperty().addListener(change -> leave());
    }

    /** Shows the start page of a program that nobody has used yet; does nothing once there is an exercise. */
    void showFirst() {
        boolean empty = book.book().filter(open -> open.exercises().size() == 0).isPresent();
        if (document.isBlank() && empty) {
            show();
        }
    }

    void show() {
        StartPane pane = cover.show();
        pane.show(StartDay.NONE);
        LocalDate today = book.today();
        book.book()
                .ifPresent(open -> reading.ask(
                        () -> book.askElsewhere(open, one -> StartDay.of(one, today)),
                        day -> day.ifPresent(pane::show)));
    }

    void setPalette(Palette palette) {
        cover.setPalette(palette);
    }

    @Override
    public void open(StartCard card) {
        services.library().open(card.exercise());
        open(card.page());
        services.status().show(card.hint());
    }

    @Override
    public void open(ExerciseSummary exercise) {
        services.library().open(exercise);
        leave();
    }

    @Override
    public void open(PageId page) {
        leave();
        services.navigation().open(page);
    }

    @Override
    public void help() {
        help.run();
    }

    @Override
    public void leave() {
        cover.leave();
    }

    @Override
    public void close() {
        reading.close();
    }
}
