package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Guesses what the kit plays in a recording: kick where it is heard low, snare in the middle, hi-hat high. More can't be
 * known from how much is heard in three bands.
 */
public final class PartGuess {
    /** A hit counts in each band in which so much of it is heard. */
    private static final Map<Band, Double> HEARD = Map.of(Band.LOW, 0.3, Band.MIDDLE, 0.35, Band.HIGH, 0.2);
    /** A voice is accented where so much of it is heard on average. */
    private static final double ACCENT = 0.85;
    /** A place is played if it is heard in this share of the rounds. */
    private static final double OFTEN = 0.5;

    private final Phrase phrase;
    private final NoteValue unit;
    private final Map<Band, Map<Placement, List<Double>>> heard = new EnumMap<>(Band.class);

    private PartGuess(Phrase phrase) {
        this.phrase = phrase;
        this.unit = phrase.grid().unit();
        for (Band band : Band.values()) {
            heard.put(band, new TreeMap<>());
        }
    }

    /**
     * Returns a layer for each voice that is heard.
     *
     * @param from the first bar, counted from the start of the recording
     * @param to the bar after the last
     */
    public static List<Layer> of(List<HeardHit> hits, BeatMap beats, Phrase phrase, long from, long to) {
        PartGuess guess = new PartGuess(phrase);
        hits.forEach(hit -> guess.place(hit, beats, from, to));
        double rounds =
                Math.max(1, Math.ceil((double) (to - from) / phrase.bars().size()));
        return guess.layers(rounds);
    }

    private void place(HeardHit hit, BeatMap beats, long from, long to) {
        long number = Math.round(beats.wholesAt(hit.at()) / unit.toDouble());
        if (number < 0) {
            return;
        }
        NoteValue moment = unit.times(number);
        long bar = phrase.barAt(moment);
        if (bar < from || bar >= to) {
            return;
        }
        NoteValue within = moment.minus(phrase.startOf(bar));
        Placement place = new Placement((int) (bar % phrase.bars().size()), within, Stroke.NORMAL);
        HEARD.forEach((band, enough) -> {
            if (hit.in(band) >= enough) {
                heard.get(band).computeIfAbsent(place, any -> new ArrayList<>()).add(hit.in(band));
            }
        });
    }

    private List<Layer> layers(double rounds) {
        List<Layer> layers = new ArrayList<>();
        for (Band band : Band.values()) {
            List<Placement> often = heard.get(band).entrySet().stream()
                    .filter(place -> place.getValue().size() >= OFTEN * rounds)
                    .map(place ->
                            new Placement(place.getKey().bar(), place.getKey().position(), stroke(place.getValue())))
                    .toList();
            if (!often.isEmpty()) {
                layers.add(Layer.of(voice(band), new Pattern.Placed(often)));
            }
        }
        return layers;
    }

    private static Stroke stroke(List<Double> levels) {
        double mean = levels.stream().mapToDouble(level -> level).average().orElse(0);
        return mean >= ACCENT ? Stroke.ACCENT : Stroke.NORMAL;
    }

    private static Voice voice(Band band) {
        return switch (band) {
            case LOW -> Kit.KICK;
            case MIDDLE -> Kit.SNARE;
            case HIGH -> Kit.HI_HAT;
        };
    }
}
