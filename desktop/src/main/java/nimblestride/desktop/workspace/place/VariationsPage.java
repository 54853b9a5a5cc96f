package nimblestride.desktop.workspace.place;

import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.variation.VariationPlan;
import nimblestride.core.kit.variation.VariationPlan.Free;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.Export;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.formats.font.Fonts;

/** Keeps one part of a sticking and lists every variation of the rest: to hear, compare, use, tick off, and print. */
final class VariationsPage extends VBox implements Page, VariationTable.Actions {
    private static final int DOZEN = 12;
    private static final int MOST_PRINTED = 96;

    private final ExerciseDocument document;
    private final Transport transport;
    private final Export export;
    private final Supplier<Sheet> sheet;
    private final Supplier<LocalDate> today;
    private final ComboBox<Integer> which = new ComboBox<>();
    private final VariationControls controls;
    private final VariationTable table = new VariationTable(this);
    private final Label answer = new WrappedLabel();
    private final SmallButton print = new SmallButton("Print…", "deal-print", this::print);
    private final SmallButton pdf = new SmallButton("PDF…", "deal-pdf", this::exportPdf);
    private final LatestOnly counting = new LatestOnly("counting variations");
    private Optional<VariationLister> lister = Optional.empty();
    private Optional<Sticking> base = Optional.empty();
    private Set<BigInteger> picked = Set.of();
    private String listed = "";
    private boolean showing;

    /**
     * @param sheet how pages are printed
     * @param today the day whose variation is dealt
     */
    VariationsPage(
            ExerciseDocument document,
            Transport transport,
            Export export,
            Supplier<Sheet> sheet,
            Supplier<LocalDate> today) {
        this.document = document;
        this.transport = transport;
        this.export = export;
        this.sheet = sheet;
        this.today = today;
        getStyleClass().add("page");
        which.setId("deal-layer");
        which.setAccessibleText("The sticking to vary");
        which.setPromptText("no sticking yet");
        which.setConverter(StickingNames.of(document));
        which.setMinWidth(150);
        which.setPrefWidth(150);
        which.valueProperty().addListener(change -> startAnew());
        controls = new VariationControls(which, this::list);
        answer.setId("deal-answer");
        FlowPane actions = new FlowPane(
                new SmallButton("Use", "deal-use", () -> table.selectedRow().ifPresent(this::use)),
                new SmallButton("Compare", "deal-compare", table::pin),
                new SmallButton("Today's", "deal-today", this::dealToday),
                new SmallButton("Pick 12", "deal-pick", this::pickDozen),
                print,
                pdf);
        actions.getStyleClass().add("wishes");
        VBox.setVgrow(table, Priority.ALWAYS);
        getChildren().setAll(controls, answer, table, actions);
    }

    private Exercise exercise() {
        return document.exerciseProperty().get();
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        List<Integer> all = IntStream.range(0, exercise.layers().size())
                .filter(i -> exercise.layers().get(i).pattern() instanceof Pattern.Stuck)
                .boxed()
                .toList();
        Integer now = which.getValue();
        which.getItems().setAll(all);
        which.setValue(all.contains(now) ? now : all.isEmpty() ? null : all.get(0));
        showing = false;
        if (!isVariation(exercise)) {
            startAnew();
        } else if (lister.filter(one -> isListedFor(one, exercise)).isEmpty()) {
            list();
        }
        table.showPracticed(Set.copyOf(exercise.practice().ticked()));
        say();
    }

    /** Returns whether the sticking that is played is one of what is listed now. */
    private boolean isVariation(Exercise exercise) {
        return base.isPresent()
                && sticking().isPresent()
                && lister.filter(one -> isVariation(sticking().get(), one.plan()))
                        .isPresent()
                && exercise.practice()
                        .varied()
                        .filter(plan -> !plan.base().equals(base.get()))
                        .isEmpty();
    }

    /** Returns whether the rows are right for an exercise, whichever variation it plays. */
    private boolean isListedFor(VariationLister one, Exercise exercise) {
        Exercise before = one.exercise();
        Sticking base = one.plan().base();
        return Integer.valueOf(one.layer()).equals(which.getValue())
                && before.phrase().equals(exercise.phrase())
                && before.leadHand() == exercise.leadHand()
                && VariationLister.with(before, one.layer(), base, one.plan())
                        .layers()
                        .get(one.layer())
                        .equals(VariationLister.with(exercise, one.layer(), base, one.plan())
                                .layers()
                                .get(one.layer()));
    }

    private static boolean isVariation(Sticking sticking, VariationPlan plan) {
        Sticking before = plan.base();
        if (sticking.length() != before.length()) {
            return false;
        }
        return IntStream.range(0, before.length())
                .filter(i -> plan.free() instanceof Free.Steps steps
                        ? i < steps.from() || i >= steps.to()
                        : sticking.steps().get(i).isPresent())
                .allMatch(i -> sticking.steps().get(i).equals(before.steps().get(i)));
    }

    private Optional<Sticking> sticking() {
        Integer index = which.getValue();
        List<Layer> layers = exercise().layers();
        return index != null && index < layers.size() && layers.get(index).pattern() instanceof Pattern.Stuck stuck
                ? Optional.of(stuck.sticking())
                : Optional.empty();
    }

    /** Starts from what was varied before, or else from the present sticking. */
    private void startAnew() {
        if (showing) {
            return;
        }
        Optional<Sticking> now = sticking();
        Optional<VariationPlan> kept = exercise().practice().varied().filter(plan -> now.filter(
                        one -> isVariation(one, plan))
                .isPresent());
        kept.ifPresent(controls::show);
        base = kept.map(VariationPlan::base).or(() -> now);
        if (kept.isEmpty()) {
            now.ifPresent(controls::startWith);
        }
        list();
    }

    /** Lists what the controls say. */
    private void list() {
        lister = Optional.empty();
        table.clear();
        if (base.isEmpty()) {
            refuse("Write a sticking first, on the Sticking page.");
            return;
        }
        try {
            Exercise exercise = exercise();
            int layer = which.getValue();
            VariationPlan plan = controls.plan(base.get());
            Optional<Predicate<Sticking>> wanted = controls.wanted(exercise.practice());
            // Complains here, where it can be shown; a search goes on off the interface thread.
            VariationLister all = VariationLister.of(exercise, layer, plan);
            counting.ask(() -> wanted.map(all::searching).orElse(all), this::show);
        } catch (StrideException e) {
            refuse(e.getMessage());
        }
    }

    private void refuse(String why) {
        listed = "";
        answer.getStyleClass().setAll("label", "quiet");
        answer.setText(why);
    }

    private void show(VariationLister found) {
        lister = Optional.of(found);
        String all = String.format(Locale.ROOT, "%,d variations", found.all().count());
        listed = !found.isSearched()
                ? all
                : Counted.number(found.count().intValueExact()) + " of " + all
                        + (found.search().isComplete()
                                ? ""
                                : ", looking at the first "
                                        + Counted.number(found.search().looked()));
        table.show(found);
        say();
    }

    private void say() {
        if (!listed.isEmpty()) {
            answer.getStyleClass().setAll("label");
            answer.setText(listed + "; "
                    + Counted.number(exercise().practice().ticked().size()) + " practiced"
                    + (picked.isEmpty() ? "" : ", " + Counted.number(picked.size()) + " for the sheet")
                    + ". Select one to hear it; Enter uses it.");
        }
    }

    // What the table asks for

    @Override
    public void play(VariationRow row) {
        lister.ifPresent(one -> transport.playBeside(one.alone(row.sticking())));
    }

    @Override
    public void use(VariationRow row) {
        lister.ifPresent(one ->
                document.edit(exercise -> VariationLister.with(exercise, one.layer(), row.sticking(), one.plan())));
    }

    @Override
    public void tick(VariationRow row, boolean practiced) {
        lister.ifPresent(one -> document.edit(exercise -> exercise.withPractice(exercise.practice()
                .withVariationTicked(row.sticking(), practiced)
                .withVaried(one.plan()))));
    }

    @Override
    public void picked(Set<BigInteger> numbers) {
        picked = numbers;
        print.setDisable(picked.isEmpty());
        pdf.setDisable(picked.isEmpty());
        say();
    }

    private void dealToday() {
        lister.filter(one -> one.all().count().signum() > 0 && !one.isSearched())
                .ifPresent(one -> table.choose(one.plan().numberOn(today.get(), one.all()), this::use));
    }

    /** Picks the next dozen that was not practiced, from the first row on. */
    private void pickDozen() {
        lister.ifPresent(one -> {
            Set<Sticking> done = Set.copyOf(exercise().practice().ticked());
            List<BigInteger> dozen = new ArrayList<>();
            BigInteger most = one.count().min(BigInteger.valueOf(MOST_PRINTED + picked.size()));
            for (BigInteger place = BigInteger.ZERO;
                    place.compareTo(most) < 0 && dozen.size() < DOZEN;
                    place = place.add(BigInteger.ONE)) {
                BigInteger number = one.numberAt(place);
                if (!picked.contains(number) && !done.contains(one.sticking(number))) {
                    dozen.add(number);
                }
            }
            table.pick(dozen);
        });
    }

    private void print() {
        export.print(title(), pages(), sheet.get().paper());
    }

    private void exportPdf() {
        export.pages(title(), pages());
    }

    private String title() {
        return exercise().name() + ": variations";
    }

    private List<Drawing> pages() {
        VariationLister one = lister.orElseThrow();
        List<Exercise> variations = picked.stream()
                .sorted()
                .limit(MOST_PRINTED)
                .map(one::sticking)
                .map(sticking -> one.alone(sticking).withName(StickingText.write(sticking)))
                .toList();
        return new SheetLayout(sheet.get(), Fonts.get().music(), Fonts.get())
                .variations(title(), exercise().tempo().spoken(), variations);
    }

    @Override
    public void setPalette(Palette palette) {
        table.setPalette(palette);
    }

    @Override
    public void close() {
        counting.close();
        table.close();
    }
}
