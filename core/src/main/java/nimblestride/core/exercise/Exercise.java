package nimblestride.core.exercise;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.groove.Lead;
import nimblestride.core.groove.Sticking;
import nimblestride.core.groove.Voice;
import nimblestride.core.groove.Voices;
import nimblestride.core.layer.Layer;
import nimblestride.core.meter.Phrase;
import nimblestride.core.value.Tempo;

/**
 * A phrase of bars and what runs across it, at a tempo. An exercise never changes: an edit makes another one.
 *
 * @param name what it is called, at most {@value #LONGEST_NAME} characters
 * @param layers at most {@value #MOST_LAYERS}, in the order in which they are shown
 * @param manner how it is meant to be played
 * @param voices those that can be named in it
 * @param practised the stickings among those that were dealt that have been practised, each once
 */
public record Exercise(
        String name,
        Phrase phrase,
        List<Layer> layers,
        Tempo tempo,
        Manner manner,
        List<Sticking> practised,
        Voices voices) {
    public static final int LONGEST_NAME = 200;
    public static final int MOST_LAYERS = 64;
    public static final int MOST_PRACTISED = 100_000;

    /** An exercise played as usual. */
    public Exercise(String name, Phrase phrase, List<Layer> layers, Tempo tempo) {
        this(name, phrase, layers, tempo, Manner.USUAL, List.of(), Voices.KIT);
    }

    public Exercise {
        layers = List.copyOf(layers);
        practised = practised.stream().distinct().toList();
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new IllegalArgumentException("a name has from 1 to " + LONGEST_NAME + " characters");
        }
        if (layers.size() > MOST_LAYERS) {
            throw new IllegalArgumentException(
                    "an exercise has at most " + MOST_LAYERS + " layers, not " + layers.size());
        }
    }

    public Exercise withName(String newName) {
        return new Exercise(newName, phrase, layers, tempo, manner, practised, voices);
    }

    public Exercise withPhrase(Phrase newPhrase) {
        return new Exercise(name, newPhrase, layers, tempo, manner, practised, voices);
    }

    public Exercise withTempo(Tempo newTempo) {
        return new Exercise(name, phrase, layers, newTempo, manner, practised, voices);
    }

    public Exercise withLayers(List<Layer> newLayers) {
        return new Exercise(name, phrase, newLayers, tempo, manner, practised, voices);
    }

    public Exercise withManner(Manner newManner) {
        return new Exercise(name, phrase, layers, tempo, newManner, practised, voices);
    }

    /** With a sticking ticked off as practised, or no longer. */
    public Exercise withPractised(Sticking sticking, boolean ticked) {
        List<Sticking> changed = new ArrayList<>(practised);
        changed.remove(sticking);
        if (ticked) {
            changed.add(sticking);
        }
        return new Exercise(name, phrase, layers, tempo, manner, changed, voices);
    }

    public Exercise withVoices(Voices newVoices) {
        return new Exercise(name, phrase, layers, tempo, manner, practised, newVoices);
    }

    /** Whether a layer, or a rule of one, plays a voice. */
    public boolean uses(Voice voice) {
        return layers.stream()
                .anyMatch(layer -> layer.voice().equals(voice)
                        || layer.moves().stream().anyMatch(move -> move.to().contains(voice)));
    }

    /** Which hand leads. */
    public Lead lead() {
        return manner.lead();
    }

    public Exercise plusLayer(Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.add(layer);
        return withLayers(changed);
    }

    public Exercise replacingLayer(int index, Layer layer) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.set(index, layer);
        return withLayers(changed);
    }

    public Exercise withoutLayer(int index) {
        List<Layer> changed = new ArrayList<>(layers);
        changed.remove(index);
        return withLayers(changed);
    }

    /** All layers with a 1 only in one of so many bars, counted from the beginning; 1 for every bar. */
    public Exercise withOneEvery(int bars) {
        return withLayers(layers.stream().map(layer -> layer.withOneEvery(bars)).toList());
    }

    /** A name for each layer, that of its voice; a second layer of the same voice is {@code kick 2}. */
    public List<String> layerNames() {
        Map<String, Integer> seen = new HashMap<>();
        List<String> names = new ArrayList<>();
        for (Layer layer : layers) {
            String voice = layer.voice().name();
            int count = seen.merge(voice, 1, Integer::sum);
            names.add(count == 1 ? voice : voice + " " + count);
        }
        return names;
    }
}
