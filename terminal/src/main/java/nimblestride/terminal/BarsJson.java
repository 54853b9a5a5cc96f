package nimblestride.terminal;

import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingApproach;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what a report says of the bars themselves. Bars are numbered from 1. */
final class BarsJson {
    private static final int READINGS_PER_APPROACH = 3;

    private final Phrase phrase;

    BarsJson(Phrase phrase) {
        this.phrase = phrase;
    }

    void writePhrase(ObjectNode node) {
        node.put("length", phrase.length().toString());
        ArrayNode bars = node.putArray("bars");
        int number = 1;
        for (Bar bar : phrase.bars()) {
            ObjectNode written = bars.addObject();
            written.put("number", number++);
            written.put("meter", bar.meter().toString());
            written.put("length", bar.length().toString());
            written.put("unit", bar.meter().unit().toString());
            ArrayNode grouping = written.putArray("grouping");
            bar.grouping().sizes().forEach(grouping::add);
        }
    }

    /** Writes the best readings of each approach for each bar, the best of all first. */
    void writeReadings(ArrayNode readings) {
        Map<Meter, List<Reading>> known = new HashMap<>();
        int number = 1;
        for (Bar bar : phrase.bars()) {
            for (Reading reading : known.computeIfAbsent(bar.meter(), BarsJson::bestReadings)) {
                ObjectNode written = readings.addObject();
                written.put("bar", number);
                ArrayNode grouping = written.putArray("grouping");
                reading.grouping().sizes().forEach(grouping::add);
                written.put("school", reading.approach().key());
                written.put("why", reading.why());
                ArrayNode bars = written.putArray("writtenAs");
                reading.writtenAs().forEach(meter -> bars.add(meter.toString()));
            }
            number++;
        }
    }

    private static List<Reading> bestReadings(Meter meter) {
        return Arrays.stream(ReadingApproach.values())
                .flatMap(approach ->
                        Readings.of(meter, approach, ReadingFilter.ANY).limit(READINGS_PER_APPROACH))
                .sorted(Comparator.comparingLong(Reading::effort))
                .toList();
    }

    /** Writes where the beats of each bar start, from the start of the bar. */
    void writeBeats(ArrayNode beats) {
        int number = 1;
        for (Bar bar : phrase.bars()) {
            ObjectNode written = beats.addObject();
            written.put("bar", number++);
            ArrayNode starts = written.putArray("starts");
            Beats.of(bar).starts().forEach(start -> starts.add(start.toString()));
        }
    }
}
