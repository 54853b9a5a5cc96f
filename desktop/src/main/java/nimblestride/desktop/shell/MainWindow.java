package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.IntUnaryOperator;
import java.util.function.LongSupplier;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.shell.WindowParts.Part;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.workspace.book.BookPane;
import nimblestride.desktop.workspace.cross.CrossWorkspace;
import nimblestride.desktop.workspace.findings.FindingsPane;
import nimblestride.desktop.workspace.group.GroupWorkspace;
import nimblestride.desktop.workspace.modulate.ModulateWorkspace;
import nimblestride.desktop.workspace.place.PlaceWorkspace;
import nimblestride.desktop.workspace.practice.PracticeRecorder;
import nimblestride.desktop.workspace.practice.PracticeWorkspace;
import nimblestride.desktop.workspace.share.ShareWorkspace;
import nimblestride.desktop.workspace.students.LessonPage;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.sound.play.AudioOutputs;

/** One window on one exercise. */
public final class MainWindow {
    private final Stage stage;
    private final Path home;
    private final Dialogs asking;
    private final Settings remembered;
    private final DefectLog defects;
    private final CommandQueue commands;
    private final StatusBar statusBar;
    private final RoadView road = new RoadView();
    private final ExerciseDocument document;
    private final WindowSound sounding;
    private final Transport transport;
    private final FileMenu files;
    private final Workspaces benches = new Workspaces();
    private final PlaceWorkspace placing;
    private final CrossWorkspace crossing;
    private final PracticeWorkspace practicing;
    private final ShareWorkspace handing;
    private final FindingsPane findings;
    private final OpenBook openBook;
    private final BookPane book;
    private final BorderPane root = new BorderPane();
    private final WindowFrame frame;
    private final MainMenu menu;
    private final DraftSession keeping = new DraftSession(this::tell);
    private final MusicStandWindow stand;
    private final Heading heading;
    private final ImportView bringing;
    private final HelpView help;
    private boolean night;

    /**
     * @param ahead what has been begun on the disk
     * @param questions asks the user; empty for the window's own dialogs
     * @param clock tells the day and the time
     * @param nanos a clock in nanoseconds, for taps
     */
    public MainWindow(
            Stage stage,
            StartupTasks ahead,
            Optional<Dialogs> questions,
            AudioOutputs outputs,
            Clock clock,
            LongSupplier nanos,
            DefectLog defects) {
        Typefaces.load();
        this.stage = stage;
        this.home = ahead.home();
        this.defects = defects;
        Dialogs asking = questions.orElseGet(() -> new WindowDialogs(stage, home));
        this.asking = asking;
        this.commands = new CommandQueue(asking::showError, this::tell);
        this.statusBar = new StatusBar(commands);
        defects.tell(message -> Platform.runLater(() -> tell(message)));
        Settings.Found settings = ahead.settings().get();
        this.remembered = settings.settings();
        this.frame = new WindowFrame(stage, root, remembered);
        this.document = new ExerciseDocument(keeping.last(ahead.document()));
        statusBar.clearOnEdit(document);
        this.sounding = new WindowSound(document, outputs, home.resolve("voices"), road, this::follow, this::tell);
        this.transport = sounding.transport();
        remembered.sound().apply(transport.settings(), sounding.devices());
        this.stand = new MusicStandWindow(stage, document, road, transport::toggle, frame::style);
        this.openBook = new OpenBook(ahead.file(), ahead.book(), clock, commands, this::tell);
        this.files = new FileMenu(document, asking, openBook, commands, this::tell);
        this.heading = new Heading(document, transport);
        CenterPane middle = new CenterPane(root, heading);
        this.bringing = new ImportView(middle, home, files, asking, this::tell);
        this.help = new HelpView(middle, files, openBook, this::tell, () -> showBook(true));
        this.placing = new PlaceWorkspace(
                document,
                road.countingSystemProperty(),
                road.subdivisionProperty(),
                road.stageProperty(),
                moment -> road.bringIntoView(moment));
        this.crossing = new CrossWorkspace(document, files::keepInBook);
        PracticeRecorder diary = new PracticeRecorder(document, openBook, transport, nanos);
        BookExport bookOut = new BookExport(openBook, asking, this::tell);
        this.practicing = new PracticeWorkspace(
                document,
                openBook,
                diary,
                transport,
                sounding.devices(),
                sounding.recordings(),
                new PracticeWorkspace.Beyond(
                        files::openKept, road::setPlayed, this::tell, bookOut, new AskingForSounds(asking)));
        FileDelivery delivering = new FileDelivery(stage, asking, commands, this::tell);
        this.handing = new ShareWorkspace(
                document,
                remembered.sheet(),
                road.countingSystemProperty(),
                openBook,
                transport,
                sounding.sounds(),
                delivering,
                commands,
                this::tell);
        handing.teach(() -> new LessonPage(
                openBook,
                new LessonBeyond(document, openBook, files, asking, bookOut, handing::sheet, delivering, this::tell)));
        benches.add(
                "Break",
                "take a bar apart and feel it in groups",
                new GroupWorkspace(document, road.countingSystemProperty(), road.subdivisionProperty(), nanos));
        benches.add("Place", "voices on counts, and the hands", placing);
        benches.add("Cross", "what runs across the bar line, and its way home", crossing);
        benches.add("Shift", "a change of gear, there and back", new ModulateWorkspace(document, transport));
        benches.add("Practise", "stages, the ladder, taps and the log; how it all sounds", practicing);
        benches.add("Hand out", "the page as it will print, and files for other programs", handing);
        benches.putAtTheEnd(new CountChoice(
                document, road.countingSystemProperty(), road.subdivisionProperty(), this::showCountStand));
        benches.choose("Cross");
        this.findings = new FindingsPane(
                place -> road.bringIntoView(place.at()), fix -> document.edit(exercise -> fix.mended()));
        this.book = new BookPane(openBook, new BookActions(files, bookOut, asking));
        this.menu = new MainMenu(this, files, bookOut, document, transport, road);
        setNight(remembered.night());
        build();
        listen();
        statusBar.showWarning(settings.problem());
    }

    private void build() {
        document.exerciseProperty().addListener((property, old, exercise) -> {
            heading.show(exercise);
            benches.show(exercise);
        });
        heading.show(document.exerciseProperty().get());
        benches.show(document.exerciseProperty().get());

        PaneLayout panes = new PaneLayout(book, road, benches, findings);
        root.getStyleClass().add("window");
        root.setTop(new VBox(menu, heading));
        root.setCenter(panes);
        root.setBottom(statusBar);
        menu.bookShownProperty().addListener((property, was, shown) -> panes.showBook(shown));
        menu.roomForWorkspaceProperty().addListener((property, was, more) -> panes.roomForBench(more));
        menu.bookShownProperty().set(remembered.bookShown());
        menu.reducedMotionProperty().bindBidirectional(road.reducedMotionProperty());
        menu.reducedMotionProperty().set(remembered.reducedMotion());
        menu.darkModeProperty().set(remembered.night());
        road.countingSystemProperty().set(remembered.counting());
        practicing.breaksProperty().set(remembered.rests());
        new WindowKeys(
                        frame.scene(),
                        document,
                        transport,
                        sounding.devices(),
                        road,
                        new WindowParts(
                                new Part(heading, heading::bars),
                                new Part(road),
                                new Part(benches, benches::page),
                                new Part(findings),
                                new Part(book)))
                .listen();
        FileDrop.accept(frame.scene(), files::open);
        FocusFallback.keep(frame.scene(), heading, road);
        stage.setOnCloseRequest(event -> close());
    }

    /** Shows everything larger or smaller. */
    void resize(IntUnaryOperator next) {
        frame.resize(next);
        tell("Everything is shown at " + frame.percent() + " % of its usual size.");
    }

    /** While voices are being placed, a click on a count of the Road places one. */
    private void clicksOnCounts() {
        boolean on = benches.chosenProperty().get() == placing;
        road.setPlacing(on ? Optional.of(placing::place) : Optional.empty());
    }

    private void listen() {
        road.setRegrouping(new DeskRegrouping(document));
        benches.chosenProperty().addListener(change -> clicksOnCounts());
        benches.chosenProperty().addListener((property, old, bench) -> {
            // Two feels above each other, and what is much to read, need more room than the Road while they are in
            // view.
            menu.roomForWorkspaceProperty()
                    .set(bench instanceof ModulateWorkspace
                            || bench instanceof PracticeWorkspace
                            || bench instanceof ShareWorkspace);
        });
        clicksOnCounts();
        document.analyzedProperty().subscribe(answer -> {
            if (answer != null) {
                road.show(answer);
                findings.show(answer.findings());
                benches.show(answer);
            }
        });
        document.exerciseProperty().addListener(change -> keepAndTitle());
        document.exerciseProperty().addListener((property, old, exercise) -> seeAllLayers(old, exercise));
        document.fileProperty().addListener(change -> keepAndTitle());
        document.inBookProperty().addListener(change -> {
            markInBook();
            keepAndTitle();
        });
        document.savedProperty().addListener(change -> keepAndTitle());
        PlaybackFollower.listen(transport, sounding.devices(), document, stage.getScene(), statusBar.playing());
        new BreakReminder(transport, practicing.breaksProperty(), this::tell).listen();
        markInBook();
        keepAndTitle();
    }

    private void markInBook() {
        book.mark(document.inBookProperty().get().map(InBook::id));
    }

    /** A layer that has just come in must not stay unseen and unheard because an exercise is being built up. */
    private void seeAllLayers(Exercise old, Exercise exercise) {
        if (old.layers().size() != exercise.layers().size()) {
            road.stageProperty().set(Exercise.MAX_LAYERS);
        }
    }

    private void keepAndTitle() {
        stage.setTitle((document.savedProperty().get() ? "" : "• ")
                + document.exerciseProperty().get().name() + " - Nimble Stride");
        keeping.keep(document.draft());
    }

    private void follow(OptionalDouble moment) {
        road.follow(moment);
        stand.follow(moment);
        placing.follow(moment);
        crossing.follow(moment);
    }

    /** Puts the count on the stand, in a window of its own. */
    void showCountStand() {
        stand.show();
    }

    /** Shows a message at the foot of the window. */
    public void tell(String message) {
        statusBar.showStatus(message);
    }

    /** Chart paper or the dim stage. */
    void setNight(boolean toNight) {
        night = toNight;
        Palette palette = night ? Palette.NIGHT : Palette.DAY;
        frame.wear(palette);
        road.paletteProperty().set(palette);
        benches.setPalette(palette);
        bringing.setPalette(palette);
        stand.refresh();
    }

    /** Gives the bench more room than the Road, or the Road more than the bench. */
    public void roomForBench(boolean more) {
        menu.roomForWorkspaceProperty().set(more);
    }

    /** Goes over to the dim stage. */
    public void showNight() {
        menu.darkModeProperty().set(true);
    }

    /** Writes the exercise otherwise, where it can be. */
    void rewrite(UnaryOperator<Exercise> rewriting) {
        try {
            Exercise before = document.exerciseProperty().get();
            document.edit(rewriting);
            tell(
                    document.exerciseProperty().get().equals(before)
                            ? "It is written so already."
                            : "Written otherwise; layers that follow the bar now follow the new bars.");
        } catch (StrideException e) {
            tell("This cannot be written so: " + e.getMessage() + ".");
        }
    }

    /** Goes to a page of a bench: of Break, Place, Cross, Shift, Practise or Hand out. */
    public void go(String bench, String page) {
        benches.choose(bench, page);
    }

    /** Unfolds the Book and goes to where exercises are searched for. */
    void findInBook() {
        showBook(true);
        book.find();
    }

    /** Shows the Book, or folds it away. */
    void showBook(boolean shown) {
        menu.bookShownProperty().set(shown);
    }

    /** Writes what would be played now as a WAV file. */
    void writeSound() {
        go("Hand out", "Sound file");
        handing.writeSound();
    }

    /** Brings in what has been copied elsewhere. */
    void paste() {
        bringing.paste();
    }

    /** Shows the help in place of the desk. */
    public void showHelp() {
        help.welcome();
    }

    /** Shows what the program has logged of its own defects. */
    void showLog() {
        asking.showText("The program's log", defects.text());
    }

    /** The commands that run, one after the other. */
    CommandQueue commands() {
        return commands;
    }

    /** Shows the list of all shortcuts in place of the desk. */
    void showShortcuts() {
        help.shortcuts(ShortcutList.all(menu));
    }

    /** Prints the sheet. */
    void print() {
        benches.choose("Hand out");
        handing.print();
    }

    /** Goes to a bench: Break, Place, Cross, Shift, Practise or Hand out. */
    public void chooseBench(String name) {
        benches.choose(name);
    }

    /** Opens an exercise of the Book by its name; nothing happens where there is none. */
    public void openFromBook(String name) {
        openBook.ask(one -> one.exercises().named(name)).flatMap(kept -> kept).ifPresent(files::open);
    }

    /** Opens a file, as if it had been chosen in the menu. */
    public void open(Path file) {
        files.open(file);
    }

    public Stage stage() {
        return stage;
    }

    /** What lies on the desk. */
    ExerciseDocument document() {
        return document;
    }

    /** The Book, where there is one. */
    OpenBook book() {
        return openBook;
    }

    public void show() {
        Typefaces.await();
        frame.show();
        Typefaces.measure();
        road.requestFocus();
    }

    private void remember() {
        Settings settings = new Settings(
                frame.scene().getWidth(),
                frame.scene().getHeight(),
                night,
                road.reducedMotionProperty().get(),
                frame.percent(),
                menu.bookShownProperty().get(),
                road.countingSystemProperty().get(),
                handing.sheet(),
                practicing.breaksProperty().get(),
                SoundSettings.of(transport.settings(), sounding.devices()));
        try {
            settings.write(home);
        } catch (StrideException e) {
            // The window's size is no loss worth a question at the door.
            tell("The settings could not be kept: " + e.getMessage());
        }
    }

    /** Ends playing and keeps what lies on the desk. */
    public void close() {
        transport.stop();
        stand.close();
        bringing.close();
        remember();
        sounding.close();
        benches.close();
        book.close();
        document.close();
        keeping.close();
        commands.close();
        openBook.close();
    }
}
