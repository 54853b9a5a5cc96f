package nimblestride.sound.render;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.then;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.LongStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Impulses;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.render.ClickSettings.Level;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ClickSettingsTest {
    private static final int RATE = 8_000;

    /** Each click is a single sample, the stronger the louder, so that it can be read off which one is heard. */
    private static final SampleSet IMPULSES = new Impulses(voice -> 0, strength -> (8 - strength) / 8.0, 0);

    private static String ticks(ClickSettings click, String bars, int bar, String... layers) {
        Exercise content = exercise(bars, layers);
        ClickTrack ticks = new ClickTrack(click, content);
        return told(ticks, content.phrase(), bar);
    }

    private static String told(ClickTrack ticks, Phrase phrase, int bar) {
        return ticks.between(bar, bar, phrase.startOf(bar), phrase.startOf(bar + 1)).entrySet().stream()
                .map(tick -> tick.getKey().minus(phrase.startOf(bar)) + " " + tick.getValue())
                .toList()
                .toString();
    }

    private static ClickSettings on(Level... levels) {
        ClickSettings click = ClickSettings.NONE;
        for (Level level : levels) {
            click = click.with(level, true);
        }
        return click;
    }

    @Test
    void clicksWhatIsAskedForAndTheStrongestWhereSeveralFallTogether() {
        assertThat(ticks(ClickSettings.DEFAULT, "7/8(2+2+3)", 0)).isEqualTo("[0 BAR, 1/4 BEAT, 1/2 LONG_BEAT]");
        assertThat(ticks(on(Level.UNIT, Level.BEAT, Level.BAR, Level.PHRASE), "5/8(3+2), 2/4", 0))
                .isEqualTo("[0 PHRASE, 1/8 UNIT, 1/4 UNIT, 3/8 BEAT, 1/2 UNIT]");
        assertThat(ticks(on(Level.PHRASE), "5/8(3+2), 2/4", 1)).isEqualTo("[]");
        assertThat(ticks(on(Level.PHRASE), "5/8(3+2), 2/4", 2)).isEqualTo("[0 PHRASE]");
        // Off-beats lie halfway between beats: the &s of 4/4, the even eighths of 7/8.
        assertThat(ticks(on(Level.OFF_BEAT), "4/4", 0))
                .isEqualTo("[1/8 OFF_BEAT, 3/8 OFF_BEAT, 5/8 OFF_BEAT, 7/8 OFF_BEAT]");
        assertThat(ticks(on(Level.OFF_BEAT, Level.BAR), "7/8", 0))
                .isEqualTo("[0 BAR, 1/8 OFF_BEAT, 3/8 OFF_BEAT, 5/8 OFF_BEAT]");
        assertThat(ClickSettings.DEFAULT.with(Level.BEAT, false).levels()).isEqualTo(EnumSet.of(Level.BAR));
    }

    @ParameterizedTest
    @CsvSource({"0, 1, 1, 0 1 2 3 4 5 6 7", "1, 4, 1, 0 1 2 4 5 6", "3, 4, 1, 0 4", "0, 1, 3, 0 3 6", "1, 2, 4, 0 4"})
    void keepsSilentWhereItIsToldTo(int silent, int of, int every, String heard) {
        ClickSettings click =
                ClickSettings.DEFAULT.silent(new SilentBars.Regular(silent, of)).onceIn(every);
        assertThat(LongStream.range(0, 8).filter(click::isHeardAfter).mapToObj(Long::toString))
                .containsExactly(List.of(heard.split(" ", -1)).toArray(String[]::new));
    }

    @Test
    void refusesSilenceWithoutEnd() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new SilentBars.Regular(4, 4))
                .withMessageContaining("4 of 4");
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> ClickSettings.DEFAULT.onceIn(0));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new PlaybackRequest(exercise("4/4"), ClickSettings.DEFAULT).at(9));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> CountIn.of(9));
    }

    /** In a loop of two bars, silent in every fourth bar that is played: the loop's second bar, every other time. */
    @Test
    void silencesAreCountedInBarsPlayed() {
        PlaybackRequest request = new PlaybackRequest(
                        exercise("1/4 x4").withTempo(TempoText.read("60")),
                        on(Level.BAR).silent(new SilentBars.Regular(1, 4)))
                .looping(new Loop(1, 3));
        Renderer renderer = new Renderer(request, IMPULSES, RATE);
        float[] block = new float[8 * RATE];
        renderer.render(block, block.length);
        assertThat(LongStream.range(0, 8).filter(second -> block[(int) second * RATE] > 0))
                .containsExactly(0L, 1L, 2L, 4L, 5L, 6L);
    }

    /** Two bars of 3/4 counted in at half speed, then the first bar: each click on its sample. */
    @Test
    void countsInAtTheSpeedItIsPlayedAt() {
        PlaybackRequest request = new PlaybackRequest(
                        exercise("3/4", "kick every 1/4").withTempo(TempoText.read("120")), on(Level.PHRASE))
                .at(50)
                .countedIn(CountIn.of(2));
        Renderer renderer = new Renderer(request, IMPULSES, RATE);
        float[] block = new float[8 * RATE];
        renderer.render(block, block.length);
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < block.length; i++) {
            if (block[i] > 0) {
                heard.add(i);
            }
        }
        // A quarter at 60 a minute is a second; the phrase begins after six of them.
        assertThat(heard).containsExactly(0, RATE, 2 * RATE, 3 * RATE, 4 * RATE, 5 * RATE, 6 * RATE);
        assertThat(renderer.anchor().momentOf(0)).isEqualTo(-1.5);
        assertThat(block[0]).isLessThan(block[6 * RATE]).isGreaterThan(block[RATE]);
    }

    /** A quarter through 5/8: on the 1 of every second bar, and between the eighths' numbers in the others (by hand). */
    @Test
    void aPulseIsThreadedThroughTheBars() {
        ClickSettings click = on(Level.PULSE, Level.BAR);
        assertThat(ticks(click, "5/8", 0)).isEqualTo("[0 BAR, 1/4 PULSE, 1/2 PULSE]");
        assertThat(ticks(click, "5/8", 1)).isEqualTo("[0 BAR, 1/8 PULSE, 3/8 PULSE]");
        assertThat(ticks(click.pulsing(NoteValue.of(3, 16)), "5/8", 1))
                .isEqualTo("[0 BAR, 1/8 PULSE, 5/16 PULSE, 1/2 PULSE]");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> click.pulsing(NoteValue.of(1, 65)))
                .withMessageContaining("1/65");
    }

    @Test
    void aLayerIsClicked() {
        ClickSettings click = on(Level.LAYER, Level.UNIT);
        String[] layers = {"kick every 1/4", "snare 5 over bar"};
        assertThat(ticks(click, "2/4", 0, layers)).isEqualTo("[0 LAYER, 1/4 LAYER]");
        assertThat(ticks(click.onLayer("snare").with(Level.UNIT, false), "2/4", 1, layers))
                .isEqualTo("[0 LAYER, 1/10 LAYER, 1/5 LAYER, 3/10 LAYER, 2/5 LAYER]");
        assertThat(ticks(click.onLayer("gone"), "2/4", 0, layers)).isEqualTo("[0 UNIT, 1/4 UNIT]");
    }

    /** Before dotted quarter = quarter the new beat is the dotted quarter, and one falls on the change (by hand). */
    @Test
    void theNewBeatIsClickedSoThatItIsReachedWithTheChange() {
        Exercise a = exercise("4/4").withTempo(TempoText.read("90"));
        Exercise piece = then(a, "3/8 = 1/4", 2, "4/4");
        PlaybackRequest request = new PlaybackRequest(piece, on(Level.NEW_BEAT));
        Renderer renderer = new Renderer(request, IMPULSES, RATE);
        float[] block = new float[6 * RATE];
        renderer.render(block, block.length);
        List<Integer> heard = new ArrayList<>();
        for (int i = 0; i < block.length; i++) {
            if (block[i] > 0) {
                heard.add(i);
            }
        }
        // The bar is eight eighths, each a third of a second; back from its end by threes: 5 and 2.
        assertThat(heard)
                .containsExactlyElementsOf(IntStream.of(2, 5)
                        .mapToObj(eighth -> Math.round(eighth * RATE / 3f))
                        .toList());
    }

    @Property(tries = 30)
    void byChanceTheClickIsSilentInAboutAsManyBarsAsIsSaidAndTheSameOnesAgain(
            @ForAll @IntRange(min = 5, max = 90) int percent, @ForAll long seed) {
        SilentBars silence = new SilentBars.AtRandom(percent, seed);
        long silent = LongStream.range(0, 4_000).filter(silence::isSilentAfter).count();
        assertThat(silent / 40.0).isBetween(percent - 5.0, percent + 5.0);
        assertThat(silence.isSilentAfter(0)).isFalse();
        assertThat(LongStream.range(0, 99).filter(silence::isSilentAfter))
                .containsExactlyElementsOf(LongStream.range(0, 99)
                        .filter(new SilentBars.AtRandom(percent, seed)::isSilentAfter)
                        .boxed()
                        .toList());
    }

    /** 7/8 in 2+2+3 in each counting system: a click for each syllable, the 1 and the groups with their own. */
    @ParameterizedTest
    @CsvSource({
        "BEATS, 1 2 3 4 5 6 7",
        "STRAIGHT, 1 2 3 4 5 6 7",
        "GROUPS, 1 2 1 2 1 2 3",
        "GROUP_SYLLABLES, 1 & 2 & 3 la li"
    })
    void theCountInIsSaidInTheChosenSchool(CountingSystem countingSystem, String said) {
        Bar bar = bars("7/8(2+2+3)").bars().get(0);
        CountIn countIn = new CountIn(1, Counting.of(countingSystem), Subdivision.AS_WRITTEN);
        assertThat(countIn.clicks(bar, NoteValue.ZERO).values())
                .hasSize(7)
                .startsWith(Level.BAR, Level.UNIT, Level.BEAT, Level.UNIT, Level.BEAT, Level.UNIT);
        List<String> syllables = IntStream.range(0, 7)
                .mapToObj(eighth -> countIn.saying(bar, NoteValue.ZERO, 7 / 8.0 - eighth / 8.0 - 0.01))
                .toList();
        assertThat(String.join(" ", syllables)).isEqualTo(said);
        assertThat(countIn.saying(bar, NoteValue.ZERO, 1)).isEmpty();
        assertThat(countIn.saying(bar, NoteValue.ZERO, 0)).isEmpty();
    }

    /** Begun on the third quarter of bar 2: a bar and two quarters are counted, then it plays from there. */
    @Test
    void countsUpToWhereItBegins() {
        Exercise exercise = exercise("4/4 x3", "kick every 1/4").withTempo(TempoText.read("240"));
        PlaybackRequest request = new PlaybackRequest(exercise, ClickSettings.NONE)
                .from(new StartPoint(0, NoteValue.of(6, 4)))
                .countedIn(CountIn.of(1));
        Renderer renderer = new Renderer(request, Impulses.ALIKE, RATE);
        assertThat(renderer.anchor().frame()).isEqualTo(6L * RATE / 4);
        assertThat(renderer.anchor().moment()).isEqualTo(NoteValue.of(6, 4));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> request.from(new StartPoint(1, NoteValue.ZERO)));
    }
}
