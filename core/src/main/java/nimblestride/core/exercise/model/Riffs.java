package nimblestride.core.exercise.model;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;

/**
 * The riffs of an exercise. Its voices say on which pitch each of them sounds, and its layers follow, so that a pitch
 * is changed in one place.
 */
final class Riffs {
    private Riffs() {}

    /** Returns the voices with every riff that is played. */
    static NamedVoices known(List<SectionContent> contents, NamedVoices voices) {
        NamedVoices known = voices;
        for (Voice riff : played(contents).distinct().toList()) {
            if (find(riff, known).isEmpty()) {
                known = known.and(riff);
            }
        }
        return known;
    }

    /** Returns the contents with every riff on the pitch it has among the voices. */
    static List<SectionContent> tuned(List<SectionContent> contents, NamedVoices voices) {
        boolean inTune = played(contents).allMatch(riff -> find(riff, voices).equals(Optional.of(riff)));
        return inTune
                ? contents
                : contents.stream()
                        .map(content -> content.withLayers(content.layers().stream()
                                .map(layer -> layer.withVoices(
                                        voice -> find(voice, voices).orElse(voice)))
                                .toList()))
                        .toList();
    }

    private static Stream<Voice> played(List<SectionContent> contents) {
        return contents.stream()
                .flatMap(content -> content.layers().stream())
                .flatMap(Layer::voices)
                .filter(Voice::isRiff);
    }

    private static Optional<Voice> find(Voice riff, NamedVoices voices) {
        return voices.custom().stream()
                .filter(voice -> voice.isRiff() && riff.isRiff() && voice.name().equals(riff.name()))
                .findFirst();
    }
}
