package nimblestride.formats.json;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.recording.LinkedRecording;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.CellText;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.PatternText;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.ResetText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern.Cell;
import nimblestride.core.layer.pattern.Pattern.Every;
import nimblestride.core.layer.pattern.Pattern.Over;
import nimblestride.core.layer.pattern.Pattern.Stuck;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.meter.PhrasePart;
import nimblestride.core.time.meter.Repeat;
import nimblestride.core.time.meter.Swing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.files.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;

/** Reads an exercise from the tree of a JSON document. */
final class ExerciseReader {
    private static final int MAX_DEPTH = 16;
    private static final Map<String, Limb> LIMBS = words(Limb.values());
    private static final Map<String, NoteheadShape> HEADS = words(NoteheadShape.values());
    private static final Map<String, LeadHand> LEADS = Map.of("right", LeadHand.RIGHT, "left", LeadHand.LEFT);

    private ExerciseReader() {}

    static Exercise read(JsonNodeReader root) {
        if (!root.node().isObject() || !root.has("format")) {
            throw new UnreadableFileException("this is not a Nimble Stride exercise file: it should begin with"
                    + " \"format\": \"" + ExerciseJson.FORMAT + "\"");
        }
        if (!root.member("format").text().equals(ExerciseJson.FORMAT)) {
            throw root.member("format").wrong("\"" + ExerciseJson.FORMAT + "\"");
        }
        int version = root.member("version").whole();
        if (version != ExerciseJson.VERSION) {
            throw new UnreadableFileException("version: this file has version " + version
                    + ", and this program reads version " + ExerciseJson.VERSION
                    + (version > ExerciseJson.VERSION ? "; update the program to open it" : ""));
        }
        root.object(
                "format",
                "version",
                "name",
                "tempo",
                "feel",
                "phrase",
                "layers",
                "feels",
                "sections",
                "manner",
                "practised",
                "stages",
                "ladder",
                "swing",
                "voices",
                "shortNames",
                "varied",
                "recording");
        String name = root.member("name").text();
        Tempo tempo = tempo(root.member("tempo").object("beat", "perMinute"));
        NamedVoices named = root.has("voices") ? voices(root.member("voices")) : NamedVoices.KIT;
        NamedVoices voices = root.has("shortNames") ? shortNames(root.member("shortNames"), named) : named;
        List<SectionContent> contents = contents(root, voices);
        List<Section> sections =
                root.has("sections") ? sections(root.member("sections"), contents) : List.of(Section.of(0));
        PlayingStyle playingStyle = root.has("manner")
                ? playingStyle(root.member("manner").object("lead", "linear", "mostStrokes", "kit"))
                : PlayingStyle.DEFAULT;
        PracticePlan practice = PracticeJson.read(root);
        Optional<LinkedRecording> recording = root.optional("recording", RecordingJson::read);
        return root.make(
                () -> new Exercise(name, contents, 0, tempo, sections, playingStyle, practice, voices, recording));
    }

    /** Reads the contents: the first is in the document itself, the others in a list. */
    private static List<SectionContent> contents(JsonNodeReader root, NamedVoices voices) {
        List<SectionContent> contents = new ArrayList<>();
        contents.add(content(root, root.has("feel") ? root.member("feel").text() : Exercise.FIRST_NAME, voices));
        if (root.has("feels")) {
            for (JsonNodeReader one : root.member("feels").items(Exercise.MAX_CONTENTS)) {
                one.object("name", "phrase", "layers", "swing");
                contents.add(content(one, one.member("name").text(), voices));
            }
        }
        return contents;
    }

    private static SectionContent content(JsonNodeReader place, String name, NamedVoices voices) {
        JsonNodeReader bars = place.member("phrase");
        List<PhrasePart> parts = parts(bars, 0);
        Phrase phrase = bars.make(() -> Phrase.of(parts));
        List<Layer> layers = new ArrayList<>();
        for (JsonNodeReader layer : place.member("layers").items(SectionContent.MAX_LAYERS)) {
            layers.add(layer(layer.object("voice", "pattern", "offset", "reset", "oneEvery", "moves"), voices));
        }
        Swing swing = place.has("swing") ? swing(place.member("swing").object("value", "share")) : Swing.STRAIGHT;
        return place.make(() -> new SectionContent(name, phrase, layers, swing));
    }

    private static Swing swing(JsonNodeReader place) {
        NoteValue value = place.member("value").noteValue();
        NoteValue share = place.member("share").noteValue();
        return place.make(() -> new Swing(value, share.fraction()));
    }

    private static List<Section> sections(JsonNodeReader place, List<SectionContent> contents) {
        List<String> names = contents.stream().map(SectionContent::name).toList();
        List<Section> sections = new ArrayList<>();
        for (JsonNodeReader one : place.items(Exercise.MAX_SECTIONS)) {
            one.object("feel", "rounds", "entered");
            int content = one.member("feel")
                    .named(
                            name -> names.contains(name) ? Optional.of(names.indexOf(name)) : Optional.empty(),
                            "the name of a section: " + String.join(", ", names));
            int rounds = one.has("rounds") ? one.member("rounds").whole() : 1;
            Pivot entered = one.has("entered") ? one.member("entered").typed(PivotText::read) : Pivot.NONE;
            sections.add(one.make(() -> new Section(content, rounds, entered)));
        }
        return sections;
    }

    private static NamedVoices voices(JsonNodeReader place) {
        List<Voice> own = new ArrayList<>();
        for (JsonNodeReader one : place.items(NamedVoices.MAX_OWN)) {
            one.object("name", "midiKey", "limb", "staffPlace", "head", "pitch");
            String name = one.member("name").text();
            if (one.has("pitch")) {
                int pitch = one.member("pitch").whole();
                own.add(one.make(() -> Voice.riff(name, pitch)));
                continue;
            }
            int key = one.member("midiKey").whole();
            Limb limb = one.member("limb").word(LIMBS);
            int staffPlace = one.has("staffPlace") ? one.member("staffPlace").whole() : Voice.usualPlace(limb);
            NoteheadShape head = one.has("head") ? one.member("head").word(HEADS) : NoteheadShape.NORMAL;
            own.add(one.make(() -> new Voice(name, key, limb, staffPlace, head)));
        }
        return place.make(() -> new NamedVoices(own, Map.of()));
    }

    private static NamedVoices shortNames(JsonNodeReader place, NamedVoices voices) {
        NamedVoices shortened = voices;
        for (JsonNodeReader one : place.items(NamedVoices.MAX_OWN)) {
            one.object("voice", "name");
            Voice voice = one.member("voice").named(voices::named, "the name of a voice, such as kick");
            NamedVoices before = shortened;
            String name = one.member("name").text();
            shortened = one.make(() -> before.withShortName(voice, name));
        }
        return shortened;
    }

    /** Returns constants by their names in small letters, with hyphens between words. */
    private static <E extends Enum<E>> Map<String, E> words(E[] constants) {
        return Arrays.stream(constants).collect(Collectors.toMap(ExerciseReader::word, Function.identity()));
    }

    static String word(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    private static PlayingStyle playingStyle(JsonNodeReader place) {
        LeadHand lead = place.has("lead") ? place.member("lead").word(LEADS) : LeadHand.RIGHT;
        boolean linear = place.has("linear") && place.member("linear").truth();
        OptionalInt most = place.has("mostStrokes")
                ? OptionalInt.of(place.member("mostStrokes").whole())
                : OptionalInt.empty();
        Optional<String> kit = place.optional("kit", JsonNodeReader::text);
        return place.make(() -> new PlayingStyle(lead, linear, most, kit));
    }

    private static Tempo tempo(JsonNodeReader place) {
        NoteValue beat = place.member("beat").noteValue();
        JsonNodeReader number = place.member("perMinute");
        BigFraction perMinute = number.exactNumber();
        return number.make(() -> new Tempo(beat, perMinute));
    }

    private static List<PhrasePart> parts(JsonNodeReader place, int depth) {
        if (depth > MAX_DEPTH) {
            throw new UnreadableFileException(place.path() + ": nest repeats at most " + MAX_DEPTH + " deep");
        }
        List<PhrasePart> parts = new ArrayList<>();
        for (JsonNodeReader part : place.items(Phrase.MAX_BARS)) {
            parts.add(
                    part.has("times")
                            ? repeat(part.object("times", "parts"), depth)
                            : bar(part.object("meter", "grouping", "innerBars")));
        }
        return parts;
    }

    private static Repeat repeat(JsonNodeReader place, int depth) {
        int times = place.member("times").whole();
        List<PhrasePart> parts = parts(place.member("parts"), depth + 1);
        return place.make(() -> new Repeat(parts, times));
    }

    private static Bar bar(JsonNodeReader place) {
        List<Meter.Term> terms = new ArrayList<>();
        for (JsonNodeReader term : place.member("meter").items(Meter.MAX_UNITS)) {
            List<Integer> numerators =
                    wholes(term.object("numerators", "denominator").member("numerators"));
            int denominator = term.member("denominator").whole();
            terms.add(term.make(() -> new Meter.Term(numerators, denominator)));
        }
        Meter meter = place.member("meter").make(() -> new Meter(terms));
        JsonNodeReader sizes = place.member("grouping");
        List<Integer> groups = wholes(sizes);
        if (place.has("innerBars")) {
            JsonNodeReader inner = place.member("innerBars");
            List<Integer> groupsPerInnerBar = wholes(inner);
            return inner.make(() -> new Bar(meter, new Grouping(groups, groupsPerInnerBar)));
        }
        // Files written before inner bars were known state the groups of a sum only.
        Grouping usual = meter.defaultGrouping();
        return sizes.make(() -> new Bar(meter, usual.sizes().equals(groups) ? usual : new Grouping(groups)));
    }

    private static List<Integer> wholes(JsonNodeReader place) {
        List<Integer> numbers = new ArrayList<>();
        for (JsonNodeReader item : place.items(Meter.MAX_UNITS)) {
            numbers.add(item.whole());
        }
        return numbers;
    }

    private static Layer layer(JsonNodeReader place, NamedVoices voices) {
        Voice voice = place.member("voice").named(voices::named, "the name of a voice, such as kick");
        nimblestride.core.layer.pattern.Pattern pattern = pattern(place.member("pattern"));
        List<OrchestrationRule> moves = place.has("moves")
                ? place.member("moves").typed(text -> OrchestrationText.read(text, voices))
                : List.of();
        int downbeatEvery = place.has("oneEvery") ? place.member("oneEvery").whole() : 1;
        Layer layer = new Layer(
                voice,
                pattern,
                place.member("offset").noteValue(),
                place.member("reset").typed(ResetText::read),
                1,
                moves);
        return place.make(() -> layer.withDownbeatEvery(downbeatEvery));
    }

    private static nimblestride.core.layer.pattern.Pattern pattern(JsonNodeReader place) {
        if (place.has("every")) {
            NoteValue value = place.object("every").member("every").noteValue();
            return place.make(() -> new Every(value));
        }
        if (place.has("sticking")) {
            Sticking sticking =
                    place.object("sticking", "step").member("sticking").typed(StickingText::read);
            NoteValue step = place.member("step").noteValue();
            return place.make(() -> new Stuck(sticking, step));
        }
        if (place.has("placed")) {
            return place.object("placed").member("placed").typed(text -> PatternText.read("at " + text));
        }
        if (place.has("cell")) {
            List<CellPart> parts = place.object("cell", "step").member("cell").typed(CellText::read);
            NoteValue step = place.member("step").noteValue();
            return place.make(() -> new Cell(parts, step));
        }
        int notes = place.object("notes", "over").member("notes").whole();
        Span span = span(place.member("over"));
        return place.make(() -> new Over(notes, span));
    }

    private static Span span(JsonNodeReader place) {
        if (place.node().isString()) {
            return place.word(Map.of("phrase", new Span.WholePhrase()));
        }
        if (place.has("length")) {
            NoteValue length = place.object("length").member("length").noteValue();
            return place.make(() -> new Span.Length(length));
        }
        int bars = place.object("bars").member("bars").whole();
        return place.make(() -> new Span.Bars(bars));
    }
}
