package nimblestride.desktop.workspace.modulate;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.modulation.MetronomeSetting;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.modulation.RoundedTempo;
import nimblestride.core.layer.modulation.TempoRoute;
import nimblestride.core.layer.modulation.TempoRoutes;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Shows tempos: where all are whole numbers, how a metronome rounds them, what to set it to, and routes to another
 * tempo.
 */
final class TemposPage extends VBox implements Page {
    private static final Tempo DEFAULT_GOAL = Tempo.ofQuarters(120);

    private final ExerciseDocument document;
    private final SelectedModulation gear;
    private final FlowPane friendly = new FlowPane();
    private final GridPane roundings = grid("roundings");
    private final GridPane settings = grid("metronome");
    private final GridPane route = grid("route");
    private final TypedField<Tempo> goal;
    private final TypedField<BigFraction> tolerance;
    private final LatestOnly answers = new LatestOnly("working out tempos");
    private Tempo wanted = DEFAULT_GOAL;
    private BigFraction within = BigFraction.ONE;

    /** Every pair of regroupings, made once and shared. */
    private static final class Known {
        static final TempoRoutes ROUTES = new TempoRoutes(TempoRoutes.MAX_SIZE);
    }

    /** What the page shows of a modulation, or why it shows nothing. */
    private record Seen(ModulationChain chain, Modulation shift, Optional<TempoRoute> route, String problem) {}

    TemposPage(ExerciseDocument document, SelectedModulation gear) {
        this.document = document;
        this.gear = gear;
        getStyleClass().add("page");
        friendly.getStyleClass().add("gear-line");
        goal = new TypedField<>(
                TempoText::read,
                TempoText::write,
                tempo -> {
                    wanted = tempo;
                    ask();
                },
                () -> {});
        goal.field().setId("route-to");
        goal.field().setAccessibleText("Goal tempo");
        goal.setPrefWidth(80);
        goal.show(DEFAULT_GOAL);
        tolerance = new TypedField<>(
                TemposPage::readTolerance,
                Tempo::decimal,
                beats -> {
                    within = beats;
                    ask();
                },
                () -> {});
        tolerance.field().setId("route-within");
        tolerance.field().setAccessibleText("Within how many BPM");
        tolerance.setPrefWidth(60);
        tolerance.show(within);
        HBox asked =
                new HBox(new Caption("To"), goal, new Caption("by regrouping, within"), tolerance, new Caption("BPM"));
        asked.getStyleClass().add("add-line");
        VBox all = new VBox(
                title("Starting tempos that keep every tempo whole"),
                friendly,
                title("On a whole-number metronome"),
                roundings,
                title("One metronome setting for both tempos"),
                settings,
                title("Route to another tempo"),
                asked,
                route);
        all.getStyleClass().add("told");
        getChildren().setAll(new VerticalScroll(all));
        gear.onChange(this::ask);
    }

    private static GridPane grid(String id) {
        GridPane grid = new GridPane();
        grid.setId(id);
        grid.getStyleClass().add("ways");
        return grid;
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("pane-title");
        return label;
    }

    private static BigFraction readTolerance(String text) {
        String typed = text.strip();
        if (!typed.matches("\\d{1,3}(\\.\\d{1,3})?")) {
            throw new InvalidValueException("type a number of BPM, such as 0.5");
        }
        return BigFraction.from(Double.parseDouble(typed), 1_000);
    }

    @Override
    public void show(Exercise exercise) {
        gear.show(exercise);
        ask();
    }

    private void ask() {
        if (getScene() == null || gear.exerciseProperty().get() == null) {
            return;
        }
        Exercise exercise = gear.exerciseProperty().get();
        Modulation shift = gear.shift();
        Tempo to = wanted;
        BigFraction tolerated = within;
        answers.ask(() -> seen(exercise, shift, to, tolerated), this::show);
    }

    private static Seen seen(Exercise exercise, Modulation shift, Tempo to, BigFraction tolerance) {
        try {
            ModulationChain chain = exercise.hasSections()
                    ? exercise.chain()
                    : new ModulationChain(shift.before(), List.of(shift.pivot()));
            return new Seen(chain, shift, Known.ROUTES.within(exercise.tempo(), to, tolerance), "");
        } catch (StrideException e) {
            return new Seen(null, shift, Optional.empty(), e.getMessage() + ".");
        }
    }

    private void show(Seen seen) {
        List.of(friendly, roundings, settings, route)
                .forEach(pane -> pane.getChildren().clear());
        if (seen.chain == null) {
            friendly.getChildren().add(new WrappedLabel(seen.problem, "problem"));
            return;
        }
        showFriendly(seen.chain);
        showRoundings(seen.chain);
        showSettings(seen.shift);
        seen.route.ifPresentOrElse(this::showRoute, this::showNoRoute);
    }

    private void showNoRoute() {
        route.addRow(
                0,
                wrapped("No route within " + TempoRoutes.MAX_STEPS + " regroupings comes that close. Allow more BPM."));
    }

    private void showFriendly(ModulationChain chain) {
        List<Integer> tempos = chain.friendlyTempos(feltBeat());
        if (tempos.isEmpty()) {
            friendly.getChildren()
                    .add(new Caption("No starting tempo from " + ModulationChain.METRONOME_FROM + " to "
                            + ModulationChain.METRONOME_TO
                            + " BPM keeps every tempo whole. See the rounding below."));
            return;
        }
        friendly.getChildren().add(new Caption("Start at"));
        for (int tempo : tempos) {
            ModulationChain from =
                    new ModulationChain(new Tempo(chain.start().beat(), BigFraction.of(tempo)), chain.pivots());
            String all = String.join(
                    " - ",
                    from.tempos().stream()
                            .map(one -> Tempo.decimal(one.perMinute()))
                            .distinct()
                            .toList());
            friendly.getChildren().add(new SmallButton(all, "friendly-" + tempo, () -> start(from.start())));
        }
    }

    private NoteValue feltBeat() {
        return gear.exerciseProperty().get().phrase().bars().get(0).beats().pulse();
    }

    private void start(Tempo tempo) {
        document.edit(
                exercise -> exercise.withSelected(exercise.sections().get(0).content())
                        .withTempo(tempo)
                        .withSelected(exercise.selected()));
    }

    private void showRoundings(ModulationChain chain) {
        BigFraction phrase =
                chain.start().seconds(gear.exerciseProperty().get().phrase().length());
        for (Tempo tempo : chain.tempos().stream().distinct().toList()) {
            RoundedTempo rounding = RoundedTempo.of(tempo);
            String said = rounding.isExact()
                    ? "is whole: no drift."
                    : "at " + rounding.whole() + ", the click is " + off(rounding.driftAfter(BigFraction.of(60)))
                            + " after a minute and "
                            + off(rounding.driftAfter(phrase)) + " after this phrase.";
            roundings.addRow(roundings.getRowCount(), strong(tempo.spoken()), wrapped(said));
        }
    }

    private static String off(BigFraction seconds) {
        String late = seconds.signum() < 0 ? " early" : " late";
        return Tempo.decimal(seconds.abs().multiply(1_000)) + " ms" + late;
    }

    private void showSettings(Modulation shift) {
        for (MetronomeSetting setting : MetronomeSetting.of(shift)) {
            settings.addRow(
                    settings.getRowCount(),
                    strong(Tempo.decimal(setting.perMinute())),
                    wrapped("clicks every " + name(setting.before()) + " before and every " + name(setting.after())
                            + " after"
                            + (setting.isOnAnOrdinaryMetronome() ? "" : " (off the range of most metronomes)")));
        }
    }

    private static String name(NoteValue value) {
        return NoteName.each(value);
    }

    private void showRoute(TempoRoute way) {
        Exercise exercise = gear.exerciseProperty().get();
        if (way.steps().isEmpty()) {
            route.addRow(0, wrapped("You are already there."));
            return;
        }
        List<Tempo> tempos = new ModulationChain(exercise.tempo(), way.pivots()).tempos();
        for (int i = 0; i < way.steps().size(); i++) {
            route.addRow(
                    i,
                    strong(Tempo.decimal(tempos.get(i + 1).perMinute())),
                    wrapped(way.steps().get(i).notes() + " per beat in groups of "
                            + way.steps().get(i).group()));
        }
        String reached = way.exact()
                ? "Exact."
                : "Closest within " + Tempo.decimal(within) + " BPM: "
                        + Tempo.decimal(way.reached().perMinute()) + ".";
        HBox end = new HBox(new SmallButton("Add as sections", "route-sections", () -> take(way)), new Label(reached));
        end.getStyleClass().add("add-line");
        route.add(end, 0, way.steps().size(), 2, 1);
    }

    private void take(TempoRoute way) {
        document.edit(exercise -> {
            Exercise longer = exercise;
            for (Pivot pivot : way.pivots()) {
                longer = ThereAndBack.there(longer, pivot, exercise.phrase(), exercise.layers());
            }
            return longer;
        });
    }

    private static Node strong(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("said");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Node wrapped(String text) {
        Label label = new WrappedLabel(text);
        GridPane.setHgrow(label, Priority.ALWAYS);
        return label;
    }

    @Override
    public void close() {
        answers.close();
    }
}
