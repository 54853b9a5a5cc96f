package nimblestride.core.layer.timeline;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.Optional;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class LayerTimelineTest {
    private static final Phrase PHRASE = bars("7/8, 5/16");
    private static final String[] LAYERS = {
        "kick every 3/16 from 5/4",
        "snare 5 over bar",
        "ride cell x.gX of 1/12 reset bar",
        "china 3 over 5 bars from 1/8",
        "cowbell 7 over phrase reset phrase",
        "kick every 2 reset bar"
    };

    /** Any stretch shows just what the whole shows there. */
    @Property(tries = 600)
    void aStretchIsAPieceOfTheWhole(
            @ForAll @IntRange(min = 0, max = 5) int which,
            @ForAll @IntRange(max = 900) int from,
            @ForAll @IntRange(max = 300) int length) {
        LayerTimeline timeline = LayerTimeline.of(layer(LAYERS[which]), PHRASE);
        NoteValue start = NoteValue.of(from, 48);
        NoteValue end = NoteValue.of(from + length, 48);
        List<Hit> whole = timeline.between(NoteValue.ZERO, end, Integer.MAX_VALUE).stream()
                .filter(hit -> hit.at().compareTo(start) >= 0)
                .toList();
        assertThat(timeline.between(start, end, Integer.MAX_VALUE)).isEqualTo(whole);
        assertThat(timeline.between(start, end, 3)).isEqualTo(whole.subList(0, Math.min(3, whole.size())));
        assertThat(timeline.hitsBefore(end) - timeline.hitsBefore(start)).isEqualTo(whole.size());
    }

    @ParameterizedTest
    @ValueSource(strings = {"kick every 3/16 from 5/4", "snare 5 over bar", "ride cell x.gX of 1/12 reset bar"})
    void countedOnAFinerGridItIsTheSameCourse(String text) {
        LayerTimeline timeline = LayerTimeline.of(layer(text), PHRASE);
        LayerTimeline finer = timeline.on(timeline.grid().and(Grid.of(value("1/35"))));
        NoteValue end = value("20");
        assertThat(finer.between(NoteValue.ZERO, end, 5_000)).isEqualTo(timeline.between(NoteValue.ZERO, end, 5_000));
        assertThat(finer.cycleStartsBetween(NoteValue.ZERO, end, 5_000))
                .isEqualTo(timeline.cycleStartsBetween(NoteValue.ZERO, end, 5_000));
        assertThat(finer.grid().value(finer.period())).isEqualTo(timeline.grid().value(timeline.period()));
    }

    @Test
    void aCellKeepsItsStrokesAndStartsItsCycleEvenWithARest() {
        LayerTimeline timeline = LayerTimeline.of(layer("snare cell .Xg. of 1/16"), bars("4/4"));
        assertThat(timeline.between(NoteValue.ZERO, value("1/4"), 9))
                .containsExactly(
                        new Hit(value("1/16"), Stroke.ACCENT, List.of(Kit.SNARE), false),
                        new Hit(value("1/8"), Stroke.GHOST, List.of(Kit.SNARE), false));
        assertThat(timeline.cycleStartsBetween(NoteValue.ZERO, value("1/2"), 9))
                .containsExactly(NoteValue.ZERO, value("1/4"));
        assertThat(LayerTimeline.of(layer("snare cell x.x of 1/16"), bars("4/4"))
                        .between(NoteValue.ZERO, value("1/4"), 9))
                .extracting(Hit::startsCycle)
                .containsExactly(true, false, true);
    }

    /** A doubled note placed by hand comes again half the finest step later, of the counts or of the layer's own places. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; snare at R1:1/4:; 1/4 3/8",
                "4/4; snare at 1:1/4: 1:5/16; 1/4 9/32 5/16",
                "7/8, 5/16; snare at 1:0: 2:1/4; 0 1/32 9/8",
                "2/4; snare at 1:0 1:1/12:; 0 1/12 1/8",
                "4/4; snare at 1:3/4:; 3/4 7/8"
            })
    void aPlacedNoteThatIsDoubledIsStruckTwice(String typedBars, String typed, String struck) {
        Phrase phrase = bars(typedBars);
        assertThat(LayerTimeline.of(layer(typed), phrase).between(NoteValue.ZERO, phrase.length(), 9))
                .extracting(hit -> hit.at().toString())
                .containsExactly(struck.split(" "));
    }

    @Test
    void moreHitsThanCanBeListedAreRefused() {
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> LayerTimeline.of(layer("ride every 1/1024 reset phrase"), bars("4/4 x5000")))
                .withMessageContaining("more than 2,000,000 hits");
        assertThat(LayerTimeline.of(layer("ride every 1/1024"), bars("4/4 x5000"))
                        .hitsPerPeriod())
                .isEqualTo(1);
    }

    @Test
    void aLayerThatStartsAfterItsResetIsSilent() {
        assertThat(LayerTimeline.of(layer("kick every 1/8 from 2 reset bar"), PHRASE)
                        .hitsPerPeriod())
                .isZero();
        assertThat(LayerTimeline.of(layer("kick every 1/8 from 2 reset bar"), PHRASE)
                        .between(NoteValue.ZERO, value("9"), 9))
                .isEmpty();
    }

    /** How long a cycle is, where it can be said at all: over the bar it goes through bars at the pace of each. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; kick every 3/16; true; 3/16",
                "7/8, 5/8; kick cell x..x. of 1/16; true; 5/16",
                "7/8, 5/8; snare 5 over 3/4 reset bar; true; 3/4",
                "7/8 x3; snare 5 over bar; true; 7/8",
                "7/8, 5/8; snare 5 over bar; false; 3/2",
                "7/8, 5/8; snare 5 over phrase; true; 3/2",
                "[7/8, 5/8] x2; snare 5 over 2 bars; true; 3/2",
                "7/8, 5/8, 3/8; snare 5 over 2 bars; false; 15/4",
                "7/8, 5/8, 3/8, 2/8; snare 5 over 2 bars; false; 17/8",
                "4/4, 3/4; kick every 3/8 from 9/8 reset bar; true; 3/8"
            })
    void cyclesAreEvenWhereEachIsAsLongAsTheOthers(String typedBars, String typed, boolean even, String cycle) {
        LayerTimeline timeline = LayerTimeline.of(layer(typed), bars(typedBars));
        assertThat(timeline.hasEvenCycles()).isEqualTo(even);
        assertThat(timeline.cycle()).isEqualTo(value(cycle));
        assertThat(timeline.on(Grid.of(List.of(timeline.grid().unit().dividedBy(2))))
                        .hasEvenCycles())
                .isEqualTo(even);
    }

    /** Where a layer starts over, and what is cut off: 3/8 in 4/4 leaves a quarter. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "4/4; kick every 3/8; 0 3/8 3/4 9/8 3/2 15/8; 0",
                "4/4; kick every 3/8 reset bar; 0 3/8 3/4 1 11/8 7/4; 1/4",
                "4/4; kick every 3/8 from 1/8 reset bar; 1/8 1/2 7/8 9/8 3/2 15/8; 1/8",
                "2/4, 3/4, 3/4; kick every 3/8 reset bars 3; 0 3/8 3/4 9/8 5/4 13/8; 1/8",
                "2/4, 3/4, 3/4; kick every 3/8 reset bars 1 9; 0 3/8 3/4 9/8 3/2 15/8; 1/8",
                "3/4, 2/4; snare 3 over 2 bars reset phrase; 0 5/12 5/6 5/4 5/3; 0",
                "3/4, 2/4; snare 2 over bar reset bars 2; 0 3/8 3/4 1 5/4 13/8 2; 0",
                "2/4; kick cell xxx of 1/4 reset bar; 0 1/4 1/2 3/4 1 5/4; 1/2",
                "4/4; snare at 1:1/12 1:3/20; 1/12 3/20 13/12 23/20; 0"
            })
    void startingOverCutsOffWhatIsLeft(String typedBars, String typed, String struck, String left) {
        LayerTimeline timeline = LayerTimeline.of(layer(typed), bars(typedBars));
        String[] places = struck.split(" ");
        assertThat(timeline.between(NoteValue.ZERO, value("100"), places.length))
                .extracting(hit -> hit.at().toString())
                .containsExactly(places);
        assertThat(timeline.remainder()).isEqualTo(value(left));
    }

    /** A double is struck again after half its step, unless the layer starts over by then. */
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "3/8; 1/4; never; 0 1/8 3/4 7/8 3/2",
                "3/8; 1/4; bar; 0 1/8 3/8 1/2 3/4",
                "1/8; 1/4; bar; 0 1/8 1/4 3/8",
                "4/4; 1/16; phrase; 0 1/32 3/16 7/32 3/8"
            })
    void aDoubleIsStruckTwiceInAStep(String typedBars, String step, String reset, String struck) {
        Layer doubles = layer("snare every 1/8 reset " + reset)
                .withPattern(Pattern.Cell.of(
                        List.of(Optional.of(Stroke.NORMAL.with(Ornament.DOUBLED)), Optional.empty(), Optional.empty()),
                        value(step)));
        String[] places = struck.split(" ");
        assertThat(LayerTimeline.of(doubles, bars(typedBars)).between(NoteValue.ZERO, value("9"), places.length))
                .extracting(hit -> hit.at().toString())
                .containsExactly(places);
    }

    @Test
    void timelinesAreAlikeWhereTheyStrikeTogetherForever() {
        LayerTimeline quarters = LayerTimeline.of(layer("kick every 1/4"), bars("4/4"));
        assertThat(quarters.hitsLike(LayerTimeline.of(layer("snare cell X of 1/4"), bars("4/4"))))
                .isTrue();
        for (String other :
                List.of("kick every 1/8", "kick every 1/4 from 1/4", "kick cell .x of 1/8", "kick every 1/2")) {
            assertThat(quarters.hitsLike(LayerTimeline.of(layer(other), bars("4/4"))))
                    .isFalse();
        }
        LayerTimeline late = LayerTimeline.of(layer("kick every 1/4 from 1/4"), bars("4/4"));
        assertThat(late.grid().value(late.start())).isEqualTo(NoteValue.QUARTER);
        assertThat(late.grid().value(late.period())).isEqualTo(NoteValue.QUARTER);
        assertThat(late.onsets()).containsExactly(0L);
        assertThat(late.on(late.grid())).isSameAs(late);
        assertThat(late.hitsBefore(NoteValue.QUARTER)).isZero();
        assertThat(late.hitsBefore(NoteValue.HALF)).isEqualTo(1);
    }

    /** The limit is the number that can still be listed. */
    @Test
    void asManyHitsAsCanBeListedAreListed() {
        assertThat(LayerTimeline.of(layer("ride every 1/1000 reset phrase"), bars("4/4 x2000"))
                        .hitsPerPeriod())
                .isEqualTo(2_000_000);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> LayerTimeline.of(layer("ride every 1/1000 reset phrase"), bars("4/4 x2000, 1/1000")))
                .withMessageContaining("the ride has more than 2,000,000 hits before it repeats");
    }
}
