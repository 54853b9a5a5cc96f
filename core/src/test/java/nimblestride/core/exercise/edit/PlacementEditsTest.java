package nimblestride.core.exercise.edit;

import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.language.text.PlacingText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class PlacementEditsTest {
    private static Placement on(int bar, String position) {
        return new Placement(bar, value(position), Stroke.NORMAL);
    }

    @Test
    void aClickPlacesAndAnotherTakesAway() {
        Exercise none = exercise("4/4", "ride every 1/8");
        Exercise one = PlacementEdits.toggle(none, Kit.SNARE, on(0, "1/4"));
        assertThat(one.layers()).containsExactly(layer("ride every 1/8"), layer("snare at 1:1/4"));
        assertThat(PlacementEdits.isPlaced(one, Kit.SNARE, 0, value("1/4"))).isTrue();
        assertThat(PlacementEdits.isPlaced(one, Kit.KICK, 0, value("1/4"))).isFalse();
        Exercise two = PlacementEdits.toggle(one, Kit.SNARE, new Placement(0, NoteValue.ZERO, Stroke.GHOST));
        assertThat(two.layers().get(1)).isEqualTo(layer("snare at (1:0) 1:1/4"));
        assertThat(PlacementEdits.toggle(PlacementEdits.toggle(two, Kit.SNARE, on(0, "1/4")), Kit.SNARE, on(0, "0")))
                .isEqualTo(none);
        assertThat(PlacementEdits.placements(two)).hasSize(1);
    }

    @Test
    void aNoteThatIsMovedKeepsItsStrokeAndTakesThePlaceOfAnother() {
        Exercise exercise = exercise("4/4 x2", "snare at >1:1/4 1:1/2");
        assertThat(PlacementEdits.move(exercise, Kit.SNARE, on(0, "1/4"), 0, value("1/2"))
                        .layers())
                .containsExactly(layer("snare at >1:1/2"));
        assertThat(PlacementEdits.move(exercise, Kit.SNARE, on(0, "1/4"), 1, NoteValue.ZERO)
                        .layers())
                .containsExactly(layer("snare at 1:1/2 >2:0"));
    }

    @Test
    void whatIsTypedReplacesWhatIsPlacedAndLeavesTheRestAlone() {
        Exercise exercise = exercise(
                "4/4", "ride every 1/8", "kick at 1:0 moving notes to floor tom", "kick every 1/3", "snare at 1:1/4");
        Exercise changed =
                PlacementEdits.withPlaced(exercise, PlacingText.read("cowbell 1; kick 1, 3", exercise.phrase()));
        assertThat(changed.layers())
                .isEqualTo(List.of(
                        layer("ride every 1/8"),
                        layer("kick at 1:0 1:1/2 moving notes to floor tom"),
                        layer("kick every 1/3"),
                        layer("cowbell at 1:0")));
        assertThat(PlacementEdits.withPlaced(changed, List.of()).layers())
                .containsExactly(layer("ride every 1/8"), layer("kick every 1/3"));
    }

    /** The same length cut into other bars: what is placed stays where it is heard. */
    @Test
    void placesStayWhereTheyAreHeardWhenBarsAreWrittenOtherwise() {
        Exercise exercise = exercise("4/4, 3/4", "snare at >1:1/4 2:1/8 9:0");
        Exercise one = RewriteEdits.joinBars(exercise);
        assertThat(one.layers()).containsExactly(layer("snare at >1:1/4 1:9/8 9:0"));
        Exercise doubled = RewriteEdits.doubleValues(exercise);
        assertThat(doubled.layers().get(0)).isEqualTo(layer("snare at >1:1/2 2:1/4 9:0"));
        Exercise stuck = exercise("4/4", "snare sticking R L of 1/16 moving doubles to ride");
        assertThat(RewriteEdits.halveValues(stuck).layers())
                .containsExactly(layer("snare sticking R L of 1/32 moving doubles to ride"));
    }

    @Test
    void whatIsPractisedIsTickedOnce() {
        Exercise exercise = exercise("4/4", "snare sticking R L of 1/16");
        Sticking sticking = StickingText.read("R L");
        Exercise ticked = exercise.withVariationTicked(sticking, true).withVariationTicked(sticking, true);
        assertThat(ticked.practice().ticked()).containsExactly(sticking);
        assertThat(ticked.withVariationTicked(sticking, false)).isEqualTo(exercise);
        assertThat(exercise.uses(Kit.SNARE)).isTrue();
        assertThat(exercise.uses(Kit.RIDE)).isFalse();
    }
}
