package nimblestride.desktop.view.weave;

import java.util.List;
import java.util.Locale;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Describes a place of the Weave in words. */
record WeaveDescription(Analysis analysis) {
    String describe(WeaveHit place) {
        Phrase phrase = analysis.exercise().phrase();
        NoteValue moment = phrase.startOf(place.bar()).plus(place.at());
        LayerTimeline timeline = timeline(place.layer());
        List<Hit> hits = timeline.between(moment, moment.plus(timeline.grid().unit()), 1);
        String where = String.format(
                Locale.ROOT,
                "Bar %,d, %s",
                place.bar() + 1,
                new CountPosition(phrase.bar(place.bar()).meter(), place.at()));
        if (hits.isEmpty() || !hits.get(0).at().equals(moment)) {
            return where;
        }
        Hit hit = hits.get(0);
        StringBuilder words = new StringBuilder(where)
                .append(": ")
                .append(analysis.layers().get(place.layer()).name())
                .append(String.format(Locale.ROOT, ", hit %,d", timeline.hitsBefore(moment) + 1));
        hit.limb(hit.voices().get(0), analysis.exercise().leadHand())
                .ifPresent(limb -> words.append(", ").append(limb.title()));
        if (!place.at().isZero()) {
            words.append(", ").append(place.at()).append(" after the bar line");
        } else {
            words.append(hit.startsCycle() ? ", landing on the bar line" : ", on the bar line");
        }
        String others = others(place.layer(), moment);
        return words.append(others.isEmpty() ? "" : ", together with " + others)
                .append('.')
                .toString();
    }

    private String others(int layer, NoteValue moment) {
        StringBuilder names = new StringBuilder();
        for (int other = 0; other < analysis.layers().size(); other++) {
            if (other == layer
                    || analysis.layers().get(other).alignment().result().isEmpty()) {
                continue;
            }
            LayerTimeline timeline = timeline(other);
            boolean strikes = timeline
                    .between(moment, moment.plus(timeline.grid().unit()), 1)
                    .stream()
                    .anyMatch(hit -> hit.at().equals(moment));
            if (strikes) {
                names.append(names.isEmpty() ? "" : " and ")
                        .append(analysis.layers().get(other).name());
            }
        }
        return names.toString();
    }

    private LayerTimeline timeline(int layer) {
        return analysis.layers()
                .get(layer)
                .alignment()
                .result()
                .map(Alignment::timeline)
                .orElseThrow();
    }
}
