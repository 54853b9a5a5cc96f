package nimblestride.core.layer.alignment;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;

class UnisonTest {
    private static List<LayerTimeline> timelines(Phrase phrase, String... layers) {
        return Stream.of(layers)
                .map(text -> LayerTimeline.of(layer(text), phrase))
                .toList();
    }

    /** Checks when all layers meet, and on which bar lines, against a walk from moment to moment. */
    @Property(tries = 1500)
    void agreesWithAPlainWalk(
            @ForAll @Size(min = 1, max = 4) List<@IntRange(min = 0, max = 7) Integer> shapes,
            @ForAll @Size(value = 4) List<@IntRange(min = 1, max = 6) Integer> sizes,
            @ForAll @Size(value = 4) List<@IntRange(max = 9) Integer> late) {
        Phrase phrase = bars("5/8, 3/16");
        List<LayerTimeline> timelines = new ArrayList<>();
        for (int i = 0; i < shapes.size(); i++) {
            String[] all = {
                "every " + sizes.get(i) + "/16",
                "every " + sizes.get(i) + "/8",
                "every " + sizes.get(i) + "/12",
                "cell x.xx. of " + sizes.get(i) + "/32",
                sizes.get(i) + " over bar",
                sizes.get(i) + " over phrase",
                "every " + sizes.get(i) + "/16 reset bars 2",
                "every 1/16 one every " + sizes.get(i) + " bars"
            };
            String[] parts = all[shapes.get(i)].split(" reset| one", 2);
            String rest = all[shapes.get(i)].substring(parts[0].length());
            timelines.add(LayerTimeline.of(layer("kick " + parts[0] + " from " + late.get(i) + "/16" + rest), phrase));
        }
        NoteValue begun = timelines.stream()
                .map(timeline -> timeline.grid().value(timeline.start()))
                .max(NoteValue::compareTo)
                .orElseThrow();

        Unison.OnBarLines ones = Unison.onBarLines(phrase, timelines);
        List<Long> walked = LongStream.range(0, phrase.barAt(begun) + 1 + 2 * ones.every())
                .filter(bar -> phrase.startOf(bar).compareTo(begun) >= 0)
                .filter(bar -> timelines.stream().allMatch(timeline -> strikes(timeline, phrase.startOf(bar))))
                .boxed()
                .toList();
        assertThat(ones.first())
                .isEqualTo(walked.stream().limit(Math.min(8, ones.perCycle())).toList());
        assertThat(walked.size()).isBetween((int) (2 * ones.perCycle()), (int) (2 * ones.perCycle()) + 1);
        if (ones.perCycle() > 0) {
            long longest = LongStream.range(1, ones.perCycle() + 1)
                    .map(i -> i < walked.size() ? walked.get((int) i) - walked.get((int) i - 1) : 0)
                    .max()
                    .orElseThrow();
            assertThat(ones.longestWithout()).hasValue(longest);
        } else {
            assertThat(ones.longestWithout()).isEmpty();
        }

        if (timelines.size() > 1) {
            Unison unison = Unison.of(timelines);
            NoteValue until = begun.plus(unison.every());
            List<List<NoteValue>> hits = timelines.stream()
                    .map(timeline -> timeline.between(begun, until, Integer.MAX_VALUE).stream()
                            .map(Hit::at)
                            .toList())
                    .toList();
            List<NoteValue> all = hits.get(0).stream()
                    .filter(at -> hits.stream().allMatch(those -> those.contains(at)))
                    .toList();
            assertThat(unison.perCycle()).isEqualTo(all.size());
            assertThat(unison.first()).startsWith(all.stream().limit(8).toArray(NoteValue[]::new));
            assertThat(unison.onsets())
                    .hasValue(hits.stream().flatMap(List::stream).distinct().count());
        }
    }

    private static boolean strikes(LayerTimeline timeline, NoteValue at) {
        return !timeline.between(at, at.plus(timeline.grid().unit()), 1).isEmpty();
    }

    @Test
    void sixteenLayersAtOnceAreCountedAsFarAsThatIsQuick() {
        Phrase phrase = bars("7/8");
        String[] layers = LongStream.rangeClosed(1, 16)
                .mapToObj(i -> "kick every " + i + "/16")
                .toArray(String[]::new);
        Unison unison = Unison.of(timelines(phrase, layers));
        // lcm(1..16) sixteenths. The check leaves out their onsets: there are too many to list.
        assertThat(unison.every()).isEqualTo(NoteValue.of(720_720, 16));
        assertThat(unison.perCycle()).isEqualTo(1);
        assertThat(unison.onsets()).isEmpty();
        // lcm(1..12); every sixteenth is struck by the first layer.
        assertThat(Unison.of(timelines(phrase, Arrays.copyOf(layers, 12))).onsets())
                .hasValue(27_720);
    }

    @Test
    void aLongCycleIsCountedWithoutListingIt() {
        Phrase phrase = bars("4/4");
        Unison unison = Unison.of(timelines(phrase, "kick every 9973/64", "snare every 9967/64", "ride every 9949/64"));
        long cycle = 9973L * 9967 * 9949;
        long each = 9973L * 9967 + 9973L * 9949 + 9967L * 9949;
        // Inclusion and exclusion: three layers, three pairs that meet once in two of the numbers, one meeting of all.
        assertThat(unison.every()).isEqualTo(NoteValue.of(cycle, 64));
        assertThat(unison.onsets()).hasValue(each - 9973 - 9967 - 9949 + 1);
    }

    @Test
    void whatIsTooMuchIsRefusedWithItsReason() {
        Phrase phrase = bars("4/4");
        assertThatExceptionOfType(ExactOverflowException.class)
                .isThrownBy(() -> Unison.of(timelines(
                        phrase,
                        "kick every 999999937/1000",
                        "snare every 999999929/1000",
                        "ride every 999999893/1000")));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> Unison.of(timelines(
                        phrase,
                        "kick cell " + "x".repeat(1000) + ". of 1/64",
                        "snare cell " + "x".repeat(998) + ". of 1/64")))
                .withMessageContaining("more than 100,000 times");
        assertThat(value("1/4")).isEqualTo(NoteValue.QUARTER);
    }
}
