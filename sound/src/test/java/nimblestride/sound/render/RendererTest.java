package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.again;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.data.Offset.offset;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Swing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.kit.SampleSet;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Onsets are found in the rendered samples: every sound is a single sample, so that its place can be read off. */
class RendererTest {
    private static final int RATE = 48_000;

    private static final SampleSet IMPULSES = Impulses.ALIKE;

    private static float[] render(Renderer renderer, int frames, int blockSize) {
        float[] all = new float[frames];
        float[] block = new float[blockSize];
        for (int done = 0; done < frames; done += blockSize) {
            renderer.render(block, blockSize);
            System.arraycopy(block, 0, all, done, Math.min(blockSize, frames - done));
        }
        return all;
    }

    private static List<Long> onsets(float[] samples) {
        List<Long> places = new ArrayList<>();
        for (int i = 0; i < samples.length; i++) {
            if (samples[i] > 0) {
                places.add((long) i);
            }
        }
        return places;
    }

    private static PlaybackRequest layersOnly(Exercise exercise) {
        return new PlaybackRequest(exercise, ClickSettings.NONE);
    }

    @Property(tries = 40)
    void everyOnsetIsWithinHalfASampleOfItsExactTime(
            @ForAll @IntRange(min = 1, max = 9) int parts,
            @ForAll @IntRange(min = 150, max = 240) int tempo,
            @ForAll @IntRange(min = 7, max = 700) int blockSize) {
        Exercise exercise = exercise("7/8, 5/16", "kick " + parts + " over 11/16 from 1/12")
                .withTempo(TempoText.read("1/8=" + tempo));
        int frames = 4 * RATE;
        List<Long> heard = onsets(render(new Renderer(layersOnly(exercise), IMPULSES, RATE), frames, blockSize));
        List<Hit> hits = LayerTimeline.of(exercise.layers().get(0), exercise.phrase())
                .between(NoteValue.ZERO, NoteValue.of(1000, 1), heard.size());
        assertThat(heard).hasSizeGreaterThan(1);
        for (int i = 0; i < heard.size(); i++) {
            double exact = exercise.tempo().seconds(hits.get(i).at()).doubleValue() * RATE;
            assertThat((double) heard.get(i)).isBetween(exact - 0.5, exact + 0.5);
        }
    }

    /** Swung notes sound on their exact sample too, also behind an odd stride. */
    @Property(tries = 20)
    void swingSoundsAsItIsReckoned(@ForAll @IntRange(min = 51, max = 75) int percent) {
        Exercise exercise = exercise("7/8, 4/4", "kick every 1/8")
                .withTempo(TempoText.read("1/8=240"))
                .withSwing(new Swing(NoteValue.of(1, 8), BigFraction.of(percent, 100)));
        List<Long> heard = onsets(render(new Renderer(layersOnly(exercise), IMPULSES, RATE), 4 * RATE, 256));
        double pair = RATE / 2.0;
        double late = pair * percent / 100;
        List<Double> exact = List.of(
                0.0, late, pair, pair + late, 2 * pair, 2 * pair + late, 3 * pair, 3.5 * pair, 3.5 * pair + late);
        for (int i = 0; i < exact.size(); i++) {
            assertThat((double) heard.get(i)).isBetween(exact.get(i) - 0.5, exact.get(i) + 0.5);
        }
    }

    @Test
    void clicksTheGroupsAndTheOne() {
        Exercise exercise = exercise("10/8(3+3+2+2)").withTempo(TempoText.read("1/8=240"));
        List<Long> heard = onsets(render(
                new Renderer(new PlaybackRequest(exercise, ClickSettings.DEFAULT), IMPULSES, RATE), 3 * RATE, 256));
        long unit = RATE / 4;
        assertThat(heard).startsWith(0L, 3 * unit, 6 * unit, 8 * unit, 10 * unit);
    }

    @Test
    void aChangeOfTempoTakesEffectAtTheNextUnitWithNothingLostOrDoubled() {
        Exercise slow = exercise("4/4", "kick every 1/4").withTempo(TempoText.read("60"));
        Renderer renderer = new Renderer(layersOnly(slow), IMPULSES, RATE);
        float[] before = render(renderer, RATE + RATE / 2, RATE / 2);
        TimeAnchor anchor = renderer.change(layersOnly(slow.withTempo(TempoText.read("120"))));
        float[] after = render(renderer, 3 * RATE, RATE / 2);
        assertThat(anchor.frame()).isEqualTo(2L * RATE);
        assertThat(anchor.moment()).isEqualTo(NoteValue.HALF);
        assertThat(onsets(before)).containsExactly(0L, (long) RATE);
        assertThat(onsets(after))
                .extracting(place -> place + RATE + RATE / 2)
                .startsWith(2L * RATE, 5L * RATE / 2, 3L * RATE);
    }

    @Test
    void severalChangesBeforeTheNextUnitLeaveTheLastOne() {
        Exercise exercise = exercise("4/4", "kick every 1/4").withTempo(TempoText.read("60"));
        Renderer renderer = new Renderer(layersOnly(exercise), IMPULSES, RATE);
        render(renderer, RATE / 2, RATE / 2);
        renderer.change(layersOnly(exercise("4/4", "kick every 1/16")));
        renderer.change(layersOnly(exercise("7/8", "snare every 1/8")));
        renderer.change(layersOnly(exercise("4/4", "kick every 1/2").withTempo(TempoText.read("60"))));
        assertThat(onsets(render(renderer, 4 * RATE, RATE / 2)))
                .containsExactly(2L * RATE - RATE / 2, 4L * RATE - RATE / 2);
    }

    /** Ten hours at a tempo no sample rate divides: the last onset is as exact as the first. */
    @Test
    void nothingDriftsInTenHours() {
        Exercise exercise = exercise("11/8", "kick every 3/16").withTempo(TempoText.read("289/3"));
        TimeAnchor anchor = new TimeAnchor(
                BigFraction.ZERO,
                0,
                NoteValue.ZERO,
                exercise.tempo().seconds(NoteValue.WHOLE).multiply(RATE));
        NoteValue far = NoteValue.of(3, 16).times(77_000);
        double exact = exercise.tempo().seconds(far).doubleValue() * RATE;
        assertThat(exact / RATE / 3600).isGreaterThan(9.9);
        assertThat((double) anchor.frameOf(far)).isBetween(exact - 0.5001, exact + 0.5001);
        assertThat(anchor.momentOf(anchor.frameOf(far))).isCloseTo(far.toDouble(), offset(1e-4));
    }

    /**
     * Through modulations and round again: every onset within half a sample of its exact time, and at both sides of a change
     * the notes are as far apart as their own tempos say.
     */
    @Property(tries = 25)
    void sectionsFollowEachOtherToTheSample(
            @ForAll @IntRange(min = 2, max = 9) int notes,
            @ForAll @IntRange(min = 2, max = 9) int group,
            @ForAll @IntRange(min = 7, max = 9_000) int blockSize) {
        Exercise a = exercise("7/16", "kick every 1/16").withTempo(TempoText.read("211"));
        Exercise there = then(a, notes + " in groups of " + group, 2, "5/16", "snare every 1/12");
        Exercise back = again(there, group + " in groups of " + notes, 1, 0);
        List<Double> exact = new ArrayList<>();
        Playthrough whole = Playthrough.of(back);
        for (int round = 0; round < 3; round++) {
            double from = whole.seconds().doubleValue() * round;
            for (Playthrough.Passage passage : whole.passages()) {
                LayerTimeline.of(
                                passage.content().layers().get(0),
                                passage.content().phrase())
                        .between(NoteValue.ZERO, passage.length(), 1_000)
                        .forEach(hit -> exact.add(RATE
                                * (from
                                        + passage.startsSeconds().doubleValue()
                                        + passage.tempo().seconds(hit.at()).doubleValue())));
            }
        }
        int frames = (int) Math.ceil(whole.seconds().doubleValue() * 3 * RATE) - 1;
        List<TimeAnchor> told = new ArrayList<>();
        Renderer renderer = new Renderer(layersOnly(back), IMPULSES, RATE, new Renderer.Listener() {
            @Override
            public void anchored(TimeAnchor anchor) {
                told.add(anchor);
            }
        });
        List<Long> heard = onsets(render(renderer, frames, blockSize));
        assertThat(heard).hasSameSizeAs(exact);
        for (int i = 0; i < heard.size(); i++) {
            assertThat((double) heard.get(i)).isBetween(exact.get(i) - 0.501, exact.get(i) + 0.501);
        }
        assertThat(told).extracting(TimeAnchor::section).startsWith(0, 1, 2, 0, 1, 2, 0, 1, 2);
    }

    /** Ten hours of sections in turn: the last change is as exact as the first. */
    @Test
    void nothingDriftsInTenHoursOfSections() {
        Exercise a = exercise("11/8", "kick every 11/8").withTempo(TempoText.read("289/3"));
        Exercise back = again(then(a, "7 in groups of 5", 2, "5/16"), "5 in groups of 7", 1, 0);
        double round = Playthrough.of(back).seconds().doubleValue();
        SectionScheduler scheduler = SectionScheduler.first(layersOnly(back), IMPULSES, RATE);
        int rounds = (int) (36_000 / round);
        for (int i = 0; i < rounds * 3; i++) {
            scheduler = scheduler.following();
        }
        double exact =
                Playthrough.of(back).seconds().multiply(rounds).multiply(RATE).doubleValue();
        assertThat(exact / RATE / 3600).isGreaterThan(9.9);
        assertThat((double) scheduler.anchor().frame()).isBetween(exact - 0.5001, exact + 0.5001);
    }

    @Test
    void aChangeWhileSectionsPlayGoesOnInTheSameSection() {
        Exercise a = exercise("4/4", "kick every 1/4").withTempo(TempoText.read("240"));
        Exercise piece = then(a, "1/4 = 1/2", 1, "4/4", "snare every 1/4");
        Renderer renderer = new Renderer(layersOnly(piece), IMPULSES, RATE);
        render(renderer, RATE + RATE / 16, RATE / 16);
        assertThat(renderer.anchor().section()).isEqualTo(1);
        Exercise slower = piece.withTempo(TempoText.read("120"));
        TimeAnchor anchor = renderer.change(layersOnly(slower));
        assertThat(anchor.section()).isEqualTo(1);
        assertThat(anchor.moment()).isEqualTo(NoteValue.QUARTER);
        assertThat(anchor.frame()).isEqualTo(RATE + RATE / 8);
        // Three quarters of B are left at its new 240, then A begins at 120.
        List<Long> heard = onsets(render(renderer, 2 * RATE, RATE / 16)).stream()
                .map(place -> place + RATE + RATE / 16)
                .toList();
        assertThat(heard)
                .startsWith(
                        anchor.frame(),
                        anchor.frame() + RATE / 4,
                        anchor.frame() + RATE / 2,
                        anchor.frame() + 3L * RATE / 4,
                        anchor.frame() + 5L * RATE / 4);
        TimeAnchor alone = renderer.change(layersOnly(slower.selectedOnly()));
        assertThat(alone.section()).isZero();
        render(renderer, RATE, RATE / 16);
        assertThat(renderer.change(layersOnly(slower.withSelected(1))).section())
                .isEqualTo(1);
    }

    /** Bars 2 and 3 of three again and again: each onset where the loop says, and out of the loop at its next unit. */
    @Test
    void aLoopPlaysItsBarsAgainAndAgain() {
        Exercise exercise = exercise("4/4, 3/4, 2/4", "kick at 1:0 2:0 3:1/4").withTempo(TempoText.read("240"));
        PlaybackRequest loop = layersOnly(exercise).looping(new Loop(1, 3));
        Renderer renderer = new Renderer(loop, IMPULSES, RATE);
        long quarter = RATE / 4;
        int moment = RATE / 60;
        assertThat(onsets(render(renderer, 3 * RATE - moment, 100)))
                .containsExactly(0L, 4 * quarter, 5 * quarter, 9 * quarter, 10 * quarter);
        // A moment before twelve quarters, the third of bar 2: on from there to the end, then bar 1.
        assertThat(renderer.change(layersOnly(exercise)).moment()).isEqualTo(NoteValue.of(6, 4));
        assertThat(onsets(render(renderer, 2 * RATE, 100)))
                .containsExactly(moment + 2 * quarter, moment + 3 * quarter, moment + 7 * quarter);
        TimeAnchor back = renderer.change(loop);
        assertThat(back.moment()).isEqualTo(NoteValue.of(5, 4));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> loop.looping(new Loop(1, 4)));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new Loop(2, 2));
    }

    /** A flam's grace note is heard before its note, also across a bar line, and a drag in time is two even notes. */
    @Test
    void ornamentsAreHeardAroundTheirNotes() {
        Exercise exercise = exercise("1/4", "snare sticking . . . lR of 1/16").withTempo(TempoText.read("60"));
        List<Long> flams = onsets(render(new Renderer(layersOnly(exercise), IMPULSES, RATE), RATE, 64));
        assertThat(flams).hasSize(2).endsWith(36_000L);
        assertThat(secondsBefore(36_000, flams.get(0))).isCloseTo(0.040, within(0.003));
        Exercise onTheOne = exercise("1/4", "snare sticking rrL of 1/4").withTempo(TempoText.read("60"));
        List<Long> drags = onsets(render(new Renderer(layersOnly(onTheOne), IMPULSES, RATE), RATE + 10, 64));
        assertThat(drags).endsWith((long) RATE);
        assertThat(secondsBefore(RATE, drags.get(drags.size() - 3))).isCloseTo(0.120, within(0.004));
        assertThat(secondsBefore(RATE, drags.get(drags.size() - 2))).isCloseTo(0.060, within(0.004));
        Exercise doubled = exercise("2/4", "snare sticking R: L of 1/4").withTempo(TempoText.read("60"));
        assertThat(onsets(render(new Renderer(layersOnly(doubled), IMPULSES, RATE), 2 * RATE, 64)))
                .containsExactly(0L, RATE / 2L, (long) RATE);
        Exercise placed = exercise("2/4", "snare at 1:0: 1:1/4").withTempo(TempoText.read("60"));
        assertThat(onsets(render(new Renderer(layersOnly(placed), IMPULSES, RATE), 2 * RATE, 64)))
                .containsExactly(0L, RATE / 2L, (long) RATE);
        Exercise buzz = exercise("1/4", "snare sticking Rz of 1/4").withTempo(TempoText.read("60"));
        assertThat(onsets(render(new Renderer(layersOnly(buzz), IMPULSES, RATE), RATE / 2, 64)))
                .hasSizeGreaterThan(3);
    }

    private static double secondsBefore(long note, long grace) {
        return (note - grace) / (double) RATE;
    }

    /** A flam is a sixteenth of a beat wide, from 18 to 40 ms, and never as wide as the gap before it. */
    @ParameterizedTest
    @CsvSource({"40,0.040", "120,0.03125", "200,0.01875", "300,0.018"})
    void theQuickerTheTempoTheTighterTheFlam(String tempo, double wide) {
        Exercise exercise = exercise("1/4", "snare sticking . . . lR of 1/16").withTempo(TempoText.read(tempo));
        List<Long> flams = onsets(render(new Renderer(layersOnly(exercise), IMPULSES, RATE), 2 * RATE, 64));
        assertThat(secondsBefore(flams.get(1), flams.get(0))).isCloseTo(wide, within(0.003));
        assertThat(Ornament.FLAM.secondsBetweenGraceNotes(1, 0.03)).isEqualTo(0.018, within(1e-9));
        assertThat(Ornament.DRAG.secondsBetweenGraceNotes(1, Double.POSITIVE_INFINITY))
                .isEqualTo(0.06);
    }
}
