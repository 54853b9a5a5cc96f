package nimblestride.core.exercise.model;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.meter.Swing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Bars, what runs across them, and a tempo; or several such contents, played in sections with modulations between
 * them. One content is selected: {@link #phrase}, {@link #layers}, and {@link #tempo} belong to it, and edits change
 * it. An exercise never changes; an edit makes another one.
 *
 * @param name at most {@value #MAX_NAME_LENGTH} characters
 * @param contents from 1 to {@value #MAX_CONTENTS}, each played in some section
 * @param selected index of the selected content, from 0
 * @param start tempo of the first section; the others follow from their pivots
 * @param sections from 1 to {@value #MAX_SECTIONS}, in the order in which they are played; nothing leads into the
 *     first
 * @param playingStyle how it is meant to be played
 * @param practice how to practice it
 * @param voices that can be named in it, every riff it plays among them
 * @param recording that plays along; empty for none
 */
public record Exercise(
        String name,
        List<SectionContent> contents,
        int selected,
        Tempo start,
        List<Section> sections,
        PlayingStyle playingStyle,
        PracticePlan practice,
        NamedVoices voices,
        Optional<LinkedRecording> recording) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 200;
    /** The most layers in a content. */
    public static final int MAX_LAYERS = SectionContent.MAX_LAYERS;
    /** The most contents. */
    public static final int MAX_CONTENTS = 32;
    /** The most sections. */
    public static final int MAX_SECTIONS = ModulationChain.MAX + 1;

    /** The name of the only content of an exercise. */
    public static final String FIRST_NAME = "A";

    /**
     * Makes an exercise without sections, in the default playing style.
     *
     * @throws InvalidValueException if the name or the layers are out of range
     */
    public Exercise(String name, Phrase phrase, List<Layer> layers, Tempo tempo) {
        this(
                name,
                List.of(new SectionContent(FIRST_NAME, phrase, layers)),
                0,
                tempo,
                List.of(Section.of(0)),
                PlayingStyle.DEFAULT,
                PracticePlan.NONE,
                NamedVoices.KIT,
                Optional.empty());
    }

    /**
     * @throws InvalidValueException if anything is out of range, a content is in no section, or a tempo on the way
     *     can't be played
     */
    public Exercise {
        voices = Riffs.known(contents, voices);
        contents = List.copyOf(Riffs.tuned(contents, voices));
        sections = List.copyOf(sections);
        name = PlainText.name("an exercise", name, MAX_NAME_LENGTH);
        if (contents.isEmpty() || contents.size() > MAX_CONTENTS) {
            throw new InvalidValueException("an exercise has 1 to " + MAX_CONTENTS + " different sections");
        }
        if (sections.isEmpty() || sections.size() > MAX_SECTIONS) {
            throw new InvalidValueException("an exercise has 1 to " + MAX_SECTIONS + " sections");
        }
        if (!sections.get(0).pivot().isNone()) {
            throw new InvalidValueException("the first section sets the tempo, so no modulation leads into it");
        }
        if (contents.stream().map(SectionContent::name).distinct().count() < contents.size()) {
            throw new InvalidValueException("each section needs a name of its own");
        }
        Objects.checkIndex(selected, contents.size());
        for (int content = 0; content < contents.size(); content++) {
            int wanted = content;
            if (sections.stream().noneMatch(section -> section.content() == wanted)) {
                throw new InvalidValueException(
                        "no section plays " + contents.get(content).name());
            }
        }
        checkSections(contents, start, sections);
    }

    private static void checkSections(List<SectionContent> contents, Tempo start, List<Section> sections) {
        long bars = 0;
        for (Section section : sections) {
            Objects.checkIndex(section.content(), contents.size());
            bars += (long) section.rounds()
                    * contents.get(section.content()).phrase().bars().size();
        }
        if (sections.size() > 1 && bars > Phrase.MAX_BARS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "all sections together hold up to %,d bars; these have %,d", Phrase.MAX_BARS, bars));
        }
        if (sections.size() > 1) {
            checkLength(contents, sections);
        }
        // Throws if a tempo on the way can't be played, and says where.
        chain(start, sections);
    }

    private static void checkLength(List<SectionContent> contents, List<Section> sections) {
        try {
            NoteValue total = NoteValue.ZERO;
            for (Section section : sections) {
                NoteValue once = contents.get(section.content()).phrase().length();
                total = total.plus(once.times(section.rounds()));
            }
        } catch (ExactOverflowException e) {
            throw new InvalidValueException("these sections are too long or too finely divided to count exactly", e);
        }
    }

    private static ModulationChain chain(Tempo start, List<Section> sections) {
        return new ModulationChain(
                start, sections.stream().skip(1).map(Section::pivot).toList());
    }

    /** Returns the modulations from section to section. */
    public ModulationChain chain() {
        return chain(start, sections);
    }

    /** Returns the selected content. */
    public SectionContent content() {
        return contents.get(selected);
    }

    /** Returns the bars of the selected content. */
    public Phrase phrase() {
        return content().phrase();
    }

    /** Returns the layers of the selected content. */
    public List<Layer> layers() {
        return content().layers();
    }

    /** Returns the tempo at which the selected content is first played. */
    public Tempo tempo() {
        return sections.size() == 1 ? start : chain().tempos().get(firstSection());
    }

    /** Returns the first section that plays the selected content, from 0. */
    public int firstSection() {
        return IntStream.range(0, sections.size())
                .filter(i -> sections.get(i).content() == selected)
                .findFirst()
                .orElseThrow();
    }

    /** Returns whether there is more than one section. */
    public boolean hasSections() {
        return sections.size() > 1;
    }

    /**
     * Returns the exercise with another content selected.
     *
     * @param content from 0
     */
    public Exercise withSelected(int content) {
        return content == selected
                ? this
                : new Exercise(name, contents, content, start, sections, playingStyle, practice, voices, recording);
    }

    /** Returns the selected content as an exercise of its own. */
    public Exercise selectedOnly() {
        return selectedOnly(tempo());
    }

    /** Returns the selected content as an exercise of its own, at another tempo. */
    public Exercise selectedOnly(Tempo tempo) {
        return hasSections()
                ? new Exercise(
                        name,
                        List.of(content()),
                        0,
                        tempo,
                        List.of(Section.of(0)),
                        playingStyle,
                        practice,
                        voices,
                        recording)
                : this;
    }

    /**
     * Returns the exercise with another name.
     *
     * @throws InvalidValueException if the name is blank or too long
     */
    public Exercise withName(String newName) {
        return new Exercise(newName, contents, selected, start, sections, playingStyle, practice, voices, recording);
    }

    /**
     * Returns the exercise with other contents in other sections.
     *
     * @throws InvalidValueException if they do not fit each other
     */
    public Exercise withSections(
            List<SectionContent> newContents, int newSelected, Tempo newStart, List<Section> newSections) {
        return new Exercise(
                name, newContents, newSelected, newStart, newSections, playingStyle, practice, voices, recording);
    }

    private Exercise withContent(SectionContent content) {
        List<SectionContent> changed = new ArrayList<>(contents);
        changed.set(selected, content);
        return new Exercise(name, changed, selected, start, sections, playingStyle, practice, voices, recording);
    }

    /**
     * Returns the exercise with other bars in the selected content.
     *
     * @throws InvalidValueException if all sections together would be too long
     */
    public Exercise withPhrase(Phrase newPhrase) {
        return withContent(content().withPhrase(newPhrase));
    }

    /** Returns the exercise with other swing in the selected content. */
    public Exercise withSwing(Swing newSwing) {
        return withContent(content().withSwing(newSwing));
    }

    /** Returns how uneven the pairs of notes of the selected content are. */
    public Swing swing() {
        return content().swing();
    }

    /**
     * Returns the exercise with another tempo where the selected content is first played; the other sections keep
     * their ratio to it.
     *
     * @throws InvalidValueException if a tempo of another section can't be played then
     */
    public Exercise withTempo(Tempo newTempo) {
        BigFraction ratio = chain().ratios().get(firstSection());
        Tempo newStart = ratio.compareTo(BigFraction.ONE) == 0
                ? newTempo
                : new Tempo(newTempo.beat(), newTempo.perMinute().divide(ratio));
        return new Exercise(name, contents, selected, newStart, sections, playingStyle, practice, voices, recording);
    }

    /** Returns whether every section can be played if the selected content has a tempo. */
    public boolean allowsTempo(Tempo newTempo) {
        try {
            return withTempo(newTempo).chain().tempos().size() == sections.size();
        } catch (StrideException e) {
            return false;
        }
    }

    /**
     * Returns the exercise with other layers in the selected content.
     *
     * @throws InvalidValueException if there are more than {@value #MAX_LAYERS}
     */
    public Exercise withLayers(List<Layer> newLayers) {
        return withContent(content().withLayers(newLayers));
    }

    /** Returns the exercise with another playing style. */
    public Exercise withPlayingStyle(PlayingStyle newPlayingStyle) {
        return new Exercise(name, contents, selected, start, sections, newPlayingStyle, practice, voices, recording);
    }

    /** Returns the exercise with a variation ticked off as practiced, or not. */
    public Exercise withVariationTicked(Sticking sticking, boolean ticked) {
        return withPractice(practice.withVariationTicked(sticking, ticked));
    }

    /** Returns the exercise with another practice plan. */
    public Exercise withPractice(PracticePlan newPractice) {
        return new Exercise(name, contents, selected, start, sections, playingStyle, newPractice, voices, recording);
    }

    /** Returns the exercise with other voices. */
    public Exercise withVoices(NamedVoices newVoices) {
        return new Exercise(name, contents, selected, start, sections, playingStyle, practice, newVoices, recording);
    }

    /** Returns the exercise with another recording. */
    public Exercise withRecording(LinkedRecording newRecording) {
        return new Exercise(
                name, contents, selected, start, sections, playingStyle, practice, voices, Optional.of(newRecording));
    }

    /** Returns the exercise without a recording. */
    public Exercise withoutRecording() {
        return new Exercise(
                name, contents, selected, start, sections, playingStyle, practice, voices, Optional.empty());
    }

    /** Returns whether a layer, or a rule of one, plays a voice. */
    public boolean uses(Voice voice) {
        return contents.stream()
                .flatMap(content -> content.layers().stream())
                .flatMap(Layer::voices)
                .anyMatch(voice::equals);
    }

    /** Returns which hand leads. */
    public LeadHand leadHand() {
        return playingStyle.lead();
    }

    /**
     * Returns the exercise with one more layer.
     *
     * @throws InvalidValueException if there are more than {@value #MAX_LAYERS}
     */
    public Exercise plusLayer(Layer layer) {
        List<Layer> changed = new ArrayList<>(layers());
        changed.add(layer);
        return withLayers(changed);
    }

    /**
     * Returns the exercise with another layer in the place of one.
     *
     * @param index from 0
     */
    public Exercise withLayer(int index, Layer layer) {
        List<Layer> changed = new ArrayList<>(layers());
        changed.set(index, layer);
        return withLayers(changed);
    }

    /**
     * Returns the exercise without a layer.
     *
     * @param index from 0
     */
    public Exercise withoutLayer(int index) {
        List<Layer> changed = new ArrayList<>(layers());
        changed.remove(index);
        return withLayers(changed);
    }

    /** Returns the exercise with every layer's downbeat in one bar of so many, from the first; 1 for every bar. */
    public Exercise withDownbeatEvery(int bars) {
        return withLayers(
                layers().stream().map(layer -> layer.withDownbeatEvery(bars)).toList());
    }

    /** Returns a name for each layer: that of its voice; a second layer of the same voice is {@code kick 2}. */
    public List<String> layerNames() {
        Map<String, Integer> seen = new HashMap<>();
        List<String> names = new ArrayList<>();
        for (Layer layer : layers()) {
            String voice = layer.voice().name();
            int count = seen.merge(voice, 1, Integer::sum);
            names.add(count == 1 ? voice : voice + " " + count);
        }
        return names;
    }
}
