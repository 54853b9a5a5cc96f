package nimblestride.core.layer.limbs;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class LimbAssignmentTest {
    private static final NoteValue SIXTEENTH = NoteValue.of(1, 16);

    private static LimbAssignment hands(String bars, LeadHand lead, String... layers) {
        Phrase phrase = bars(bars);
        List<Optional<LayerTimeline>> timelines = Arrays.stream(layers)
                .map(text -> Optional.of(LayerTimeline.of(layer(text), phrase)))
                .toList();
        return LimbAssignment.of(timelines, phrase.length(), lead);
    }

    /** Checks any sticking over any bars against a walk stroke by stroke. */
    @Property(tries = 200)
    void theHandOnEveryUnitIsWhatAWalkFinds(
            @ForAll @Size(min = 1, max = 9) List<Boolean> right,
            @ForAll @Size(min = 1, max = 5) List<@IntRange(min = 1, max = 23) Integer> sixteenths) {
        Phrase phrase = Phrase.of(
                sixteenths.stream().map(units -> Bar.of(Meter.of(units, 16))).toList());
        Sticking sticking = Sticking.of(right.stream()
                .map(is -> Stroke.NORMAL.by(is ? Limb.RIGHT_HAND : Limb.LEFT_HAND))
                .toList());
        Layer layer = Layer.of(Kit.SNARE, new Pattern.Stuck(sticking, SIXTEENTH));
        long bars = Math.min(40, Alignment.of(layer, phrase).returnsAfter().bars());
        LimbAssignment hands = LimbAssignment.of(
                List.of(Optional.of(LayerTimeline.of(layer, phrase))), phrase.startOf(bars), LeadHand.RIGHT);
        int stroke = 0;
        for (long bar = 0; bar < bars; bar++) {
            for (int unit = 0; unit < phrase.bar(bar).meter().units(); unit++) {
                NoteValue at = phrase.startOf(bar).plus(SIXTEENTH.times(unit));
                Limb walked =
                        sticking.strokes().get(stroke++ % right.size()).limb().orElseThrow();
                assertThat(hands.of(0, at)).contains(walked);
            }
        }
        assertThat(hands.notes()).hasSize(stroke);
    }

    /** Common practice: hand to hand, an odd bar begins on the other hand, and is the same again after two. */
    @Property(tries = 50)
    void handToHandAnOddBarIsTheSameAgainAfterTwo(@ForAll @IntRange(min = 1, max = 60) int units) {
        Phrase phrase = Phrase.of(Bar.of(Meter.of(units, 16)));
        Layer layer = Layer.of(Kit.SNARE, new Pattern.Stuck(Sticking.alternating(2, LeadHand.RIGHT), SIXTEENTH));
        assertThat(Alignment.of(layer, phrase).returnsAfter().bars()).isEqualTo(units % 2 == 0 ? 1 : 2);
    }

    @Test
    void theOtherHandHelpsOutAndThreeHandsAreTooMany() {
        LimbAssignment two = hands("1/4", LeadHand.RIGHT, "ride every 1/4", "floor tom every 1/4", "kick every 1/4");
        assertThat(two.clashes()).isEmpty();
        assertThat(two.limbs()).containsExactlyInAnyOrder(Limb.RIGHT_HAND, Limb.LEFT_HAND, Limb.KICK_FOOT);
        LimbAssignment three =
                hands("1/4 x2", LeadHand.RIGHT, "ride every 1/4", "floor tom every 1/4", "snare every 1/4");
        assertThat(three.clashes()).hasSize(2);
        assertThat(three.clashes().get(0).notes()).hasSize(2);
        // One voice asked for twice is struck once.
        assertThat(hands("1/4", LeadHand.RIGHT, "ride every 1/4", "ride every 1/4")
                        .clashes())
                .isEmpty();
    }

    @Test
    void whatIsWrittenOutIsKept() {
        LimbAssignment hands = hands("2/4", LeadHand.RIGHT, "snare sticking R L of 1/4", "ride every 1/2");
        assertThat(hands.of(0, NoteValue.ZERO)).contains(Limb.RIGHT_HAND);
        assertThat(hands.of(1, NoteValue.ZERO)).contains(Limb.LEFT_HAND);
        assertThat(hands("1/4", LeadHand.RIGHT, "snare at R1:0", "ride at R1:0").clashes())
                .hasSize(1);
        LimbAssignment feet = hands("2/4", LeadHand.RIGHT, "snare sticking R K L H of 1/8");
        assertThat(feet.notes())
                .extracting(note -> note.voice().name())
                .containsExactly("snare", "kick", "snare", "foot hi-hat");
    }

    /** What is written out chooses first, whichever layer it stands in. */
    @Test
    void whatIsFreeGivesWayToWhatIsWrittenOut() {
        LimbAssignment hands = hands("2/4", LeadHand.RIGHT, "ride every 1/2", "snare sticking R L of 1/4");
        assertThat(hands.of(0, NoteValue.ZERO)).contains(Limb.LEFT_HAND);
        assertThat(hands.of(1, NoteValue.ZERO)).contains(Limb.RIGHT_HAND);
        assertThat(hands.clashes()).isEmpty();
        // Two of one voice share a hand only where both ask for that voice.
        LimbAssignment three = hands(
                "1/4", LeadHand.RIGHT, "ride every 1/4", "ride every 1/4", "floor tom every 1/4", "crash every 1/4");
        assertThat(three.clashes()).singleElement().satisfies(clash -> assertThat(clash.notes())
                .hasSize(3));
    }

    @Test
    void notesAreListedUpToALimit() {
        Phrase phrase = bars("4/4");
        List<Optional<LayerTimeline>> timelines =
                List.of(Optional.empty(), Optional.of(LayerTimeline.of(layer("ride every 1/4"), phrase)));
        LimbAssignment all = LimbAssignment.of(timelines, phrase.length(), LeadHand.RIGHT, 4);
        assertThat(all.isComplete()).isTrue();
        assertThat(all.notes()).hasSize(4).allMatch(note -> note.layer() == 1);
        LimbAssignment some = LimbAssignment.of(timelines, phrase.length(), LeadHand.RIGHT, 3);
        assertThat(some.isComplete()).isFalse();
    }

    @Test
    void theLeadHandDecidesWhoPlaysTheRide() {
        assertThat(hands("1/4", LeadHand.RIGHT, "ride every 1/4").limbs()).containsExactly(Limb.RIGHT_HAND);
        assertThat(hands("1/4", LeadHand.LEFT, "ride every 1/4").limbs()).containsExactly(Limb.LEFT_HAND);
        assertThat(hands("1/4", LeadHand.LEFT, "kick every 1/4").limbs()).containsExactly(Limb.KICK_FOOT);
    }

    @Test
    void findsShortestGapsRunsAndWhatIsNotLinear() {
        LimbAssignment paradiddle = hands("4/4", LeadHand.RIGHT, "snare sticking R L R R L R L L of 1/16");
        assertThat(paradiddle.shortestGap(Limb.RIGHT_HAND).orElseThrow().length())
                .isEqualTo(SIXTEENTH);
        assertThat(paradiddle.longestRun(SIXTEENTH).orElseThrow().strokes()).isEqualTo(2);
        assertThat(paradiddle.together()).isEmpty();
        LimbAssignment run = hands("1/4", LeadHand.RIGHT, "snare sticking R L L L of 1/16", "kick every 1/8");
        assertThat(run.longestRun(SIXTEENTH)).contains(new LimbAssignment.Run(Limb.LEFT_HAND, SIXTEENTH, 3));
        assertThat(run.together()).containsExactly(NoteValue.ZERO, value("1/8"));
        assertThat(run.shortestGap(Limb.RIGHT_HAND)).isEmpty();
        // Of gaps and runs that are alike, the first counts.
        LimbAssignment alike = hands("4/4", LeadHand.RIGHT, "snare sticking R R L L R R L L of 1/8");
        assertThat(alike.shortestGap(Limb.LEFT_HAND)).contains(new LimbAssignment.Gap(value("1/4"), NoteValue.EIGHTH));
        assertThat(alike.longestRun(NoteValue.EIGHTH))
                .contains(new LimbAssignment.Run(Limb.RIGHT_HAND, NoteValue.ZERO, 2));
        assertThat(alike.longestRun(SIXTEENTH).orElseThrow().strokes()).isOne();
        LimbAssignment doubled = hands("2/4", LeadHand.RIGHT, "snare sticking R: . L . of 1/8");
        assertThat(doubled.shortestGap(Limb.RIGHT_HAND).orElseThrow().length()).isEqualTo(SIXTEENTH);
    }
}
