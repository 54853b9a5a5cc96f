package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.function.LongSupplier;
import javafx.application.Platform;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import nimblestride.core.notation.page.Sheet;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookAutosave;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.library.UndoHistory;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.playback.BarLoop;
import nimblestride.desktop.playback.LoopSpeedUp;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.shell.WindowParts.Part;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.workspace.book.BookPane;
import nimblestride.desktop.workspace.cross.CrossWorkspace;
import nimblestride.desktop.workspace.findings.FindingsPane;
import nimblestride.desktop.workspace.group.GroupWorkspace;
import nimblestride.desktop.workspace.listen.ListenWorkspace;
import nimblestride.desktop.workspace.listen.RecordingImport;
import nimblestride.desktop.workspace.modulate.ModulateWorkspace;
import nimblestride.desktop.workspace.place.PlaceWorkspace;
import nimblestride.desktop.workspace.practice.PracticeRecorder;
import nimblestride.desktop.workspace.practice.PracticeWorkspace;
import nimblestride.desktop.workspace.share.ShareWorkspace;
import nimblestride.desktop.workspace.sound.SoundWorkspace;
import nimblestride.desktop.workspace.students.StudentsWorkspace;
import nimblestride.sound.wav.WavFile;

/**
 * Builds one window: first the services every part may use, then the parts, then the connections between them. Only
 * this class knows every part.
 */
final class WindowComposition {
    final Stage stage;
    final StatusLine status = new StatusLine();
    final Dialogs dialogs;
    final CommandQueue commands;
    final ExerciseDocument document;
    final OpenBook book;
    final RoadView road = new RoadView();
    final ViewOptions options = new ViewOptions(road.reducedMotionProperty());
    final WindowFrame frame;
    final BookLibrary library;
    final FileActions files;
    final WindowServices services;
    final HelpView help;
    final StartView start;
    final HistoryView history;
    final UndoHistory steps;
    final MusicStandWindow stand;
    final Appearance appearance;
    private final BorderPane root = new BorderPane();
    private final AssignView assign;
    private final BookEdits edits;
    private final BookAutosave autosave;
    private final DraftSession drafts = new DraftSession(status);
    private final WindowSound sound;
    private final Heading heading;
    private final DeskFocus focus;
    private final ImportView importing;
    private final Workspaces workspaces = new Workspaces();
    private final ListenWorkspace listen;
    private final LoopSpeedUp speedUp;
    private final PlaceWorkspace place;
    private final CrossWorkspace cross;
    private final PracticeRecorder recorder;
    private final PracticeWorkspace practice;
    private final ShareWorkspace share;
    private final FindingsPane findings;
    private final BookPane bookPane;
    private final SettingsSession settings;

    WindowComposition(
            Stage stage,
            StartupTasks startup,
            Dialogs dialogs,
            AudioDevices audio,
            Clock clock,
            LongSupplier nanos,
            DefectLog defects) {
        this.stage = stage;
        Path home = startup.home();
        Settings.Found found = startup.settings().get();
        Settings remembered = found.settings();

        // Services
        this.dialogs = dialogs;
        commands = new CommandQueue(dialogs::showError, status);
        defects.onDefect(message -> Platform.runLater(() -> status.show(message)));
        document = new ExerciseDocument(drafts.last(startup.document()));
        status.clearOnEdit(document);
        book = new OpenBook(startup.file(), startup.book(), clock, commands, status);
        BookBackups backups = new BookBackups(book, dialogs, status);
        steps = new UndoHistory(document, status);
        edits = new BookEdits(book, steps, status);
        autosave = new BookAutosave(document, book, status);
        frame = new WindowFrame(stage, root, remembered);
        sound = new WindowSound(document, book, audio, home.resolve("voices"), road, this::follow, status);
        remembered.sound().apply(sound.transport().settings(), sound.devices());
        heading = new Heading(document, steps, sound.transport());
        focus = new DeskFocus(document, heading.bars(), road);
        CenterPane center = new CenterPane(root, heading, focus::request);
        RepeatedImportView repeats = new RepeatedImportView(center);
        library = new BookLibrary(document, book, autosave, edits, backups, repeats, status);
        SheetPrinter printer = new SheetPrinter(stage, dialogs, commands, status);
        services = new WindowServices(
                dialogs,
                status,
                new WindowNavigation(workspaces, options, this::uncover),
                library,
                new WindowExport(book, dialogs, commands, status, printer));

        // Parts
        importing = new ImportView(center, home, library, dialogs, status);
        RecordingImport recordings = new RecordingImport(book, sound.recording(), exercise -> {
            library.addAndOpen(exercise);
            services.navigation().open(PageId.RECORDING);
            status.show("\"" + exercise.name() + "\" is in the Book.");
        });
        listen = new ListenWorkspace(
                document,
                sound.recording(),
                sound.transport(),
                recordings,
                sound.devices().microphone(),
                services);
        speedUp = new LoopSpeedUp(sound.transport().settings());
        files = new FileActions(document, dialogs, book, status, library, importing, recordings);
        help = new HelpView(center, book, services);
        start = new StartView(center, document, book, help::welcome, services);
        assign = new AssignView(center, document, book, edits);
        history = new HistoryView(center, document, book, edits, dialogs, status);
        place = new PlaceWorkspace(
                document, road, sound.transport(), sound.devices(), nanos, services, this::sheet, book::today);
        cross = new CrossWorkspace(document, library);
        recorder = new PracticeRecorder(document, book, sound.transport(), nanos);
        stand = new MusicStandWindow(stage, document, road, sound.transport(), sound.devices(), recorder, frame::style);
        practice = new PracticeWorkspace(
                document,
                book,
                edits,
                recorder,
                sound.transport(),
                sound.devices(),
                timing -> timing.ifPresentOrElse(road::setPlayed, road::clearPlayed),
                services);
        share = new ShareWorkspace(
                document,
                remembered.sheet(),
                road.countingSystemProperty(),
                book,
                sound.transport(),
                sound.sounds().at(WavFile.SAMPLE_RATE),
                commands,
                services);
        findings = new FindingsPane(
                where -> road.bringIntoView(where.at()), fix -> document.edit(exercise -> fix.fixed()));
        bookPane = new BookPane(book, edits, library, dialogs);
        appearance = new Appearance(
                frame,
                road,
                workspaces,
                List.of(
                        importing::setPalette,
                        help::setPalette,
                        start::setPalette,
                        history::setPalette,
                        repeats::setPalette),
                stand,
                status);
        settings = new SettingsSession(home, frame, options, dialogs, road, share, practice.breaksProperty(), sound);

        addWorkspaces(nanos);
        layOut(new MainMenu(
                new FileMenu(files, library, backups, services, share, this::quit),
                new EditMenu(document, steps, history, assign, files, status),
                new PlayMenu(sound.transport(), new BarLoop(document, sound.transport()), road, services.navigation()),
                new ViewMenu(
                        options, services.navigation(), road, stand, appearance, workspaces::enter, bookPane::find),
                new HelpMenu(help, start, dialogs, defects)));
        connect();
        settings.apply(remembered);
        status.add(found.problem());
        autosave.begin();
        start.showFirst();
    }

    private void addWorkspaces(LongSupplier nanos) {
        workspaces.add(WorkspaceId.LISTEN, listen);
        workspaces.add(
                WorkspaceId.GROUP,
                new GroupWorkspace(
                        document,
                        road.countingSystemProperty(),
                        road.subdivisionProperty(),
                        sound.transport(),
                        nanos,
                        recorder::addWords));
        workspaces.add(WorkspaceId.PLACE, place);
        workspaces.add(WorkspaceId.CROSS, cross);
        workspaces.add(WorkspaceId.MODULATE, new ModulateWorkspace(document, sound.transport()));
        workspaces.add(WorkspaceId.PRACTICE, practice);
        workspaces.add(
                WorkspaceId.SOUND,
                new SoundWorkspace(sound.transport(), sound.devices(), sound.kits(), sound.recordings(), dialogs));
        workspaces.add(
                WorkspaceId.STUDENTS,
                new StudentsWorkspace(document, book, edits, assign::show, share::sheet, services));
        workspaces.add(WorkspaceId.SHARE, share);
        workspaces.setTrailing(
                new CountChoice(document, road.countingSystemProperty(), road.subdivisionProperty(), stand::show));
        workspaces.open(WorkspaceId.CROSS);
    }

    private void layOut(MainMenu menu) {
        StatusBar statusBar = new StatusBar(status, commands);
        PaneLayout panes = new PaneLayout(bookPane, road, workspaces, findings, options);
        root.getStyleClass().add("window");
        root.setTop(new VBox(menu, heading));
        root.setCenter(panes);
        root.setBottom(statusBar);
        options.roomForWorkspaceProperty().addListener((property, was, more) -> panes.roomForWorkspace(more));
        PlaybackFollower.listen(sound.transport(), sound.devices(), document, stage.getScene(), statusBar.playing());
    }

    private void connect() {
        DocumentBindings bindings = new DocumentBindings(document);
        bindings.show(heading, road, workspaces, findings);
        bindings.keep(stage, drafts);
        bindings.mark(bookPane);
        bindings.editOn(road, workspaces, place);
        appearance.follow(options);
        workspaces.shownProperty().addListener((property, old, shown) -> options.roomForWorkspaceProperty()
                .set(shown.needsRoom()));
        new WindowKeys(
                        frame.scene(),
                        steps,
                        sound.transport(),
                        sound.devices(),
                        road,
                        focus,
                        new WindowParts(
                                new Part(heading, heading::bars),
                                new Part(road),
                                new Part(workspaces, workspaces::page),
                                new Part(findings),
                                new Part(bookPane)))
                .listen();
        FileDrop.accept(frame.scene(), files::open);
        heading.onEnter(road::requestFocus);
        FocusFallback.keep(frame.scene(), heading.name(), road);
        new BreakReminder(sound.transport(), practice.breaksProperty(), status).listen();
    }

    private Sheet sheet() {
        return share.sheet();
    }

    private void follow(Playhead playhead) {
        road.follow(playhead);
        stand.follow(playhead);
        place.follow(playhead);
        cross.follow(playhead);
        listen.follow(playhead);
        speedUp.follow(playhead);
    }

    /** Closes what covers the exercise and needs no answer. */
    private void uncover() {
        start.leave();
        help.leave();
        history.leave();
        assign.leave();
    }

    /** Shows the window, and begins what waited for it. */
    void show() {
        Typefaces.await();
        frame.show();
        Typefaces.measure();
        sound.prepare();
        focus.request();
    }

    Transport transport() {
        return sound.transport();
    }

    private void quit() {
        close();
        stage.close();
    }

    void close() {
        sound.transport().stop();
        start.close();
        stand.close();
        importing.close();
        settings.write(status);
        sound.close();
        workspaces.close();
        bookPane.close();
        autosave.close();
        document.close();
        drafts.close();
        commands.close();
        book.close();
    }
}
