package nimblestride.core.layer.alignment;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The bar lines several layers land on, against a walk along every cycle of each. */
class LandingsTest {
    private static final int MANY = 10_000;

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "10/8 x2, 9/16  | kick every 5/16 | 16",
                "11/8           | kick every 3/16; snare every 1/4 from 1/8 | 24",
                "7/8, 5/8, 9/16 | ride cell x.xx. of 1/8; cowbell every 5/16 | 400",
                "5/4            | kick every 3/8; snare cell x..x of 1/16; ride 7 over bar | 60",
                "4/4 x2, 7/8    | kick every 3/16 reset bar; snare every 1/2 | 90",
            })
    void landingsOfAllAreThoseOfEachWalkedAlong(String bars, String texts, long end) {
        Phrase phrase = BarsText.read(bars);
        List<Layer> layers = Stream.of(texts.split(";"))
                .map(String::strip)
                .map(LayerText::read)
                .toList();
        List<Alignment> alignments =
                layers.stream().map(layer -> Alignment.of(layer, phrase)).toList();

        Map<Long, Integer> walked = new TreeMap<>();
        for (Alignment alignment : alignments) {
            NoteValue over = phrase.startOf(end);
            for (NoteValue start : alignment.timeline().cycleStartsBetween(NoteValue.ZERO, over, MANY)) {
                long bar = phrase.barAt(start);
                if (phrase.startOf(bar).equals(start)) {
                    walked.merge(bar, 1, Integer::sum);
                }
            }
        }

        assertThat(told(Landings.before(end, alignments, MANY)))
                .isEqualTo(walked)
                .isNotEmpty();
    }

    @Test
    void noMoreOfEachLayerAreLookedAtThanIsSaid() {
        Phrase phrase = BarsText.read("4/4");
        List<Alignment> alignments = Stream.of("kick every 1/4", "snare every 1/2")
                .map(text -> Alignment.of(LayerText.read(text), phrase))
                .toList();

        assertThat(told(Landings.before(Long.MAX_VALUE, alignments, 3))).isEqualTo(Map.of(0L, 2, 1L, 2, 2L, 2));
    }

    @Test
    void whereNoLayerLandsThereIsNothingToTell() {
        Phrase phrase = BarsText.read("4/4");
        List<Alignment> alignments = List.of(Alignment.of(LayerText.read("kick every 1/4 from 1/8"), phrase));

        assertThat(told(Landings.before(100, alignments, MANY))).isEmpty();
        assertThat(told(Landings.before(100, List.of(), MANY))).isEmpty();
    }

    private static Map<Long, Integer> told(Landings landings) {
        Map<Long, Integer> told = new TreeMap<>();
        List<Long> order = new ArrayList<>();
        landings.forEach((bar, layers) -> {
            told.put(bar, layers);
            order.add(bar);
        });
        assertThat(order).doesNotHaveDuplicates().isSorted();
        return told;
    }
}
