package nimblestride.desktop.view.staff;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.AccessibleRole;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Drawing.Spot;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScorePosition;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.LitStride;
import nimblestride.desktop.ui.page.StrideLight;
import nimblestride.formats.font.Fonts;

/**
 * Shows an exercise on a staff. It engraves in the background and follows the sound; a click on a count, or the arrow
 * keys, selects one.
 */
public final class StaffView extends BorderPane implements AutoCloseable, StrideLight {
    private static final double SPACE = 6;
    private static final double GAP = 10;

    private final DrawingList view = new DrawingList(SPACE, GAP, false);
    private final LatestOnly newest = new LatestOnly("writing notes");
    private final Consumer<Chosen> choose;
    private final Consumer<String> problem;
    private Optional<Laid> set = Optional.empty();
    private Optional<Asked> asked = Optional.empty();
    private Optional<LitStride> lit = Optional.empty();
    private int chosen = -1;

    /**
     * A selected count.
     *
     * @param bar of the exercise, from 0
     * @param at from the start of that bar
     * @param words what stands there
     */
    public record Chosen(long bar, NoteValue at, String words) {}

    private record Asked(Exercise exercise, long bars, ScoreStyle style, double room) {}

    private record Laid(Score score, ScorePosition following, List<Drawing> lines, List<Found> spots) {}

    private record Found(int line, Spot spot) {}

    /**
     * @param choose receives the selected count
     * @param problem receives why something can't be written; an empty text if everything can
     */
    public StaffView(Consumer<Chosen> choose, Consumer<String> problem) {
        this.choose = choose;
        this.problem = problem;
        setCenter(view);
        setId("staff");
        setAccessibleRole(AccessibleRole.TEXT);
        setMinSize(0, 0);
        view.setFocusTraversable(true);
        view.onClick((line, spot) -> take(indexOf(line, spot)));
        view.addEventHandler(KeyEvent.KEY_PRESSED, this::press);
        view.onRoom(this::setAnew);
    }

    /** Sets the colors. */
    public void setPalette(Palette palette) {
        view.setPalette(palette);
    }

    /** Shows a number of bars of an exercise, counted on through the rounds of its phrase. */
    public void show(Exercise exercise, long bars, ScoreStyle style) {
        ask(new Asked(exercise, bars, style, view.room()));
    }

    /** Clears the selection. */
    public void chooseNone() {
        chosen = -1;
        view.chooseNone();
    }

    private void setAnew() {
        asked.filter(one -> one.room != view.room())
                .ifPresent(one -> ask(new Asked(one.exercise, one.bars, one.style, view.room())));
    }

    private void ask(Asked what) {
        if (asked.equals(Optional.of(what)) && set.isPresent()) {
            return;
        }
        asked = Optional.of(what);
        if (what.room > 0) {
            newest.ask(() -> tried(what), this::lay);
        }
    }

    /** The engraved music, or why there is none. */
    private record Tried(Optional<Laid> laid, String problem) {}

    private static Tried tried(Asked what) {
        try {
            Laid laid = set(what);
            return new Tried(Optional.of(laid), String.join("; ", laid.score.leftOut()));
        } catch (StrideException e) {
            return new Tried(Optional.empty(), e.getMessage());
        }
    }

    private static Laid set(Asked what) {
        Score score = ScoreWriter.write(what.exercise, BarPlan.of(what.exercise.phrase(), what.bars), what.style);
        List<Drawing> lines = new Engraver(Fonts.get().music(), Fonts.get()).lines(score, what.room);
        List<Found> spots = new ArrayList<>();
        for (int line = 0; line < lines.size(); line++) {
            for (Spot spot : lines.get(line).spots()) {
                spots.add(new Found(line, spot));
            }
        }
        return new Laid(score, new ScorePosition(score), lines, spots);
    }

    private void lay(Tried tried) {
        problem.accept(tried.problem.isEmpty() ? "" : "I can't write this: " + tried.problem + ".");
        set = tried.laid;
        set.ifPresentOrElse(this::lay, () -> view.show(List.of()));
    }

    private void lay(Laid laid) {
        view.show(laid.lines);
        setAccessibleText("Staff: " + laid.score.bars().size() + " bars");
        if (chosen >= laid.spots.size()) {
            chosen = -1;
        }
        if (chosen >= 0) {
            view.choose(laid.spots.get(chosen).line, laid.spots.get(chosen).spot);
        }
        light(laid);
    }

    /** Returns the score shown; empty until it is engraved. */
    public Optional<Score> score() {
        return set.map(Laid::score);
    }

    private int indexOf(int line, Spot spot) {
        return set.map(laid -> laid.spots.indexOf(new Found(line, spot))).orElse(-1);
    }

    private void press(KeyEvent event) {
        int step =
                switch (event.getCode()) {
                    case LEFT -> -1;
                    case RIGHT -> 1;
                    default -> 0;
                };
        if (step != 0 && set.isPresent()) {
            take(Math.max(0, Math.min(set.get().spots.size() - 1, chosen + step)));
            event.consume();
        }
    }

    private void take(int index) {
        if (index < 0 || set.isEmpty()) {
            return;
        }
        chosen = index;
        Found found = set.get().spots.get(index);
        view.choose(found.line, found.spot);
        WrittenBar bar = set.get().score.bars().get(found.spot.bar());
        choose.accept(new Chosen(bar.number(), found.spot.at(), words(bar, found.spot.at())));
    }

    private static String words(WrittenBar bar, NoteValue at) {
        String place =
                "Bar " + (bar.number() + 1) + ", " + new CountPosition(bar.bar().meter(), at);
        String struck = bar.parts().stream()
                .flatMap(part -> part.written().stream())
                .filter(written -> written.isStruck() && written.at().equals(at))
                .flatMap(written -> written.heads().stream())
                .map(StaffView::words)
                .collect(Collectors.joining("; "));
        return place + ": " + (struck.isEmpty() ? "no notes" : struck);
    }

    private static String words(WrittenHead head) {
        StringBuilder words = new StringBuilder(head.voice().name());
        if (head.stroke().level() != Dynamic.NORMAL) {
            words.append(", ").append(head.stroke().level().title());
        }
        if (!head.stroke().ornament().title().isEmpty()) {
            words.append(", ").append(head.stroke().ornament().title());
        }
        head.limb().ifPresent(limb -> words.append(", ").append(limb.title()));
        return words.toString();
    }

    /** Lights the note heard now. */
    public void follow(Playhead playhead) {
        if (set.isEmpty() || getScene() == null) {
            return;
        }
        Optional<ScorePosition.Here> here =
                playhead.isShown() ? set.get().following.at(playhead.moment().getAsDouble()) : Optional.empty();
        here.ifPresentOrElse(place -> view.light(place.bar(), place.at()), view::unlight);
    }

    @Override
    public void light(LitStride stride) {
        lit = Optional.of(stride);
        set.ifPresent(this::light);
    }

    private void light(Laid laid) {
        lit.ifPresent(stride -> laid.following
                .at(stride.start().toDouble())
                .ifPresent(place -> view.light(
                        place.bar(),
                        place.at(),
                        place.at() + stride.end().minus(stride.start()).toDouble())));
    }

    @Override
    public void unlight() {
        lit = Optional.empty();
        view.unlight();
    }

    @Override
    public void close() {
        newest.close();
    }
}
