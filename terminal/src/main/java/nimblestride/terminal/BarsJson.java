package nimblestride.terminal;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.language.text.CountText;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes what a report says of the bars themselves. Bars are numbered from 1. */
final class BarsJson {
    private static final int READINGS = 12;

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
            if (bar.grouping().hasInnerBars()) {
                ArrayNode inner = written.putArray("innerBars");
                bar.innerBars().forEach(one -> inner.add(one.meter().toString()));
            }
        }
    }

    /** Writes the best readings of each bar, the easiest first. */
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
                writeBars(reading.writtenAs(), written.putArray("writtenAs"));
                ArrayNode also = written.putArray("alsoWrittenAs");
                reading.alsoWrittenAs().forEach(bars -> writeBars(bars, also.addArray()));
            }
            number++;
        }
    }

    private static void writeBars(List<Meter> bars, ArrayNode node) {
        bars.forEach(meter -> node.add(meter.toString()));
    }

    private static List<Reading> bestReadings(Meter meter) {
        return Readings.of(meter, ReadingFilter.ANY).limit(READINGS).toList();
    }

    /** Writes where the beats of each bar start, from the start of the bar. */
    void writeBeats(ArrayNode beats) {
        int number = 1;
        for (Bar bar : phrase.bars()) {
            ObjectNode written = beats.addObject();
            written.put("bar", number++);
            ArrayNode starts = written.putArray("starts");
            bar.beats().starts().forEach(start -> starts.add(start.toString()));
        }
    }

    /** Writes how each bar is counted, in its own units and in every system. */
    void writeCounts(ArrayNode counts) {
        int number = 1;
        for (Bar bar : phrase.bars()) {
            ObjectNode written = counts.addObject();
            written.put("bar", number++);
            written.put("default", CountingSystem.AUTOMATIC.forBar(bar).key());
            ArrayNode systems = written.putArray("systems");
            for (CountingSystem system : CountingSystem.values()) {
                if (system != CountingSystem.AUTOMATIC && system != CountingSystem.OWN) {
                    systems.addObject()
                            .put("key", system.key())
                            .put("text", CountText.writeGroups(bar, Counting.of(system)));
                }
            }
        }
    }
}
