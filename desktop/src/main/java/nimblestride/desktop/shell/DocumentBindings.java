package nimblestride.desktop.shell;

import javafx.stage.Stage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.view.road.CountClickAction;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.workspace.book.BookPane;
import nimblestride.desktop.workspace.findings.FindingsPane;
import nimblestride.desktop.workspace.place.PlaceWorkspace;
import nimblestride.formats.json.DraftJson.InBook;

/** Keeps the parts of the window in step with the open exercise. No listener depends on another having run before it. */
final class DocumentBindings {
    private final ExerciseDocument document;

    DocumentBindings(ExerciseDocument document) {
        this.document = document;
    }

    /** Shows the exercise, and what follows from it, in every part. */
    void show(Heading heading, RoadView road, Workspaces workspaces, FindingsPane findings) {
        document.exerciseProperty().subscribe(exercise -> {
            heading.show(exercise);
            workspaces.show(exercise);
        });
        document.analyzedProperty().subscribe(analyzed -> {
            if (analyzed != null) {
                road.show(analyzed);
                findings.show(analyzed.findings());
                workspaces.show(analyzed);
            }
        });
        document.exerciseProperty().addListener((property, old, exercise) -> showAllLayers(road, old, exercise));
    }

    /** Shows all layers, so that a layer just added is not hidden and silent while an exercise is being built up. */
    private static void showAllLayers(RoadView road, Exercise old, Exercise exercise) {
        if (old.layers().size() != exercise.layers().size()) {
            road.stageProperty().set(Exercise.MAX_LAYERS);
        }
    }

    /** Saves each state as a draft, and shows its name in the title of the window. */
    void keep(Stage stage, DraftSession drafts) {
        Runnable keep = () -> {
            stage.setTitle(document.exerciseProperty().get().name() + " - Nimble Stride");
            drafts.keep(document.draft());
        };
        document.exerciseProperty().addListener(change -> keep.run());
        document.inBookProperty().addListener(change -> keep.run());
        document.savedProperty().addListener(change -> keep.run());
        keep.run();
    }

    /** Marks the open exercise in the Book. */
    void mark(BookPane book) {
        document.inBookProperty().subscribe(here -> here.map(InBook::id).ifPresentOrElse(book::mark, book::unmark));
    }

    /** Lets a drag on the Road regroup, and, while voices are being placed, a click on a count place one. */
    void editOn(RoadView road, Workspaces workspaces, PlaceWorkspace place) {
        road.setRegrouping(new RoadRegrouping(document));
        workspaces
                .shownProperty()
                .subscribe(shown -> road.setPlacing(shown == WorkspaceId.PLACE ? place::place : CountClickAction.NONE));
    }
}
