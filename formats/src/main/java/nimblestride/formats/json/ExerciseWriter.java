package nimblestride.formats.json;

import java.util.List;
import java.util.Locale;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.CellText;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.PatternText;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.ResetText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.PhrasePart;
import nimblestride.core.time.meter.Repeat;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Writes an exercise as the tree of a JSON document. */
final class ExerciseWriter {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;

    private ExerciseWriter() {}

    static ObjectNode write(Exercise exercise) {
        ObjectNode root = NODES.objectNode();
        root.put("format", ExerciseJson.FORMAT);
        root.put("version", ExerciseJson.VERSION);
        root.put("name", exercise.name());
        root.set("tempo", tempo(exercise.start()));
        SectionContent first = exercise.contents().get(0);
        if (!first.name().equals(Exercise.FIRST_NAME)) {
            root.put("feel", first.name());
        }
        content(first, root);
        if (exercise.contents().size() > 1) {
            ArrayNode contents = root.putArray("feels");
            exercise.contents().stream()
                    .skip(1)
                    .forEach(content -> content(content, contents.addObject().put("name", content.name())));
        }
        if (!exercise.sections().equals(List.of(Section.of(0)))) {
            ArrayNode sections = root.putArray("sections");
            exercise.sections().forEach(section -> sections.add(section(section, exercise)));
        }
        if (!exercise.playingStyle().equals(PlayingStyle.DEFAULT)) {
            root.set("manner", playingStyle(exercise.playingStyle()));
        }
        if (!exercise.voices().custom().isEmpty()) {
            ArrayNode voices = root.putArray("voices");
            exercise.voices().custom().forEach(voice -> voice(voice, voices.addObject()));
        }
        if (!exercise.voices().shortNames().isEmpty()) {
            ArrayNode names = root.putArray("shortNames");
            exercise.voices().shortNames().forEach((voice, name) -> names.addObject()
                    .put("voice", voice)
                    .put("name", name));
        }
        PracticeJson.write(exercise.practice(), root);
        exercise.recording().ifPresent(recording -> root.set("recording", RecordingJson.write(recording)));
        return root;
    }

    private static void voice(Voice voice, ObjectNode node) {
        node.put("name", voice.name());
        voice.limb()
                .ifPresentOrElse(
                        limb -> node.put("midiKey", voice.midiKey())
                                .put("limb", ExerciseReader.word(limb))
                                .put("staffPlace", voice.staffPlace())
                                .put("head", ExerciseReader.word(voice.head())),
                        () -> node.put("pitch", voice.midiKey()));
    }

    private static void content(SectionContent content, ObjectNode node) {
        node.set("phrase", parts(content.phrase().parts()));
        ArrayNode layers = node.putArray("layers");
        content.layers().forEach(layer -> layers.add(layer(layer)));
        if (!content.swing().isStraight()) {
            node.putObject("swing")
                    .put("value", content.swing().value().toString())
                    .put("share", NoteValue.of(content.swing().share()).toString());
        }
    }

    private static ObjectNode section(Section section, Exercise exercise) {
        ObjectNode node = NODES.objectNode();
        node.put("feel", exercise.contents().get(section.content()).name());
        node.put("rounds", section.rounds());
        if (!section.pivot().isNone()) {
            node.put("entered", PivotText.write(section.pivot()));
        }
        return node;
    }

    /** Writes only what differs from the default. */
    private static ObjectNode playingStyle(PlayingStyle playingStyle) {
        ObjectNode node = NODES.objectNode();
        if (playingStyle.lead() != LeadHand.RIGHT) {
            node.put("lead", playingStyle.lead().name().toLowerCase(Locale.ROOT));
        }
        if (playingStyle.linear()) {
            node.put("linear", true);
        }
        playingStyle.maxStrokesPerSecond().ifPresent(most -> node.put("mostStrokes", most));
        playingStyle.kit().ifPresent(kit -> node.put("kit", kit));
        return node;
    }

    private static ObjectNode tempo(Tempo tempo) {
        ObjectNode node = NODES.objectNode();
        node.put("beat", tempo.beat().toString());
        node.put("perMinute", PracticeJson.number(tempo.perMinute()));
        return node;
    }

    private static ArrayNode parts(List<PhrasePart> parts) {
        ArrayNode nodes = NODES.arrayNode();
        for (PhrasePart part : parts) {
            ObjectNode node = nodes.addObject();
            if (part instanceof Repeat repeat) {
                node.put("times", repeat.times());
                node.set("parts", parts(repeat.parts()));
            } else {
                bar((Bar) part, node);
            }
        }
        return nodes;
    }

    private static void bar(Bar bar, ObjectNode node) {
        ArrayNode terms = node.putArray("meter");
        for (Meter.Term term : bar.meter().terms()) {
            ObjectNode written = terms.addObject();
            ArrayNode numerators = written.putArray("numerators");
            term.numerators().forEach(numerators::add);
            written.put("denominator", term.denominator());
        }
        ArrayNode grouping = node.putArray("grouping");
        bar.grouping().sizes().forEach(grouping::add);
        Grouping usual = bar.meter().defaultGrouping();
        if (bar.grouping().hasInnerBars() || usual.hasInnerBars()) {
            ArrayNode innerBars = node.putArray("innerBars");
            bar.grouping().groupsPerInnerBar().forEach(innerBars::add);
        }
    }

    private static ObjectNode layer(Layer layer) {
        ObjectNode node = NODES.objectNode();
        node.put("voice", layer.voice().name());
        node.set("pattern", pattern(layer.pattern()));
        node.put("offset", layer.offset().toString());
        node.put("reset", ResetText.write(layer.reset()));
        if (layer.downbeatEvery() > 1) {
            node.put("oneEvery", layer.downbeatEvery());
        }
        if (!layer.orchestration().isEmpty()) {
            node.put("moves", OrchestrationText.write(layer.orchestration()));
        }
        return node;
    }

    private static ObjectNode pattern(Pattern pattern) {
        ObjectNode node = NODES.objectNode();
        if (pattern instanceof Pattern.Every every) {
            node.put("every", every.value().toString());
        } else if (pattern instanceof Pattern.Cell cell) {
            node.put("cell", CellText.write(cell.made()).strip());
            node.put("step", cell.step().toString());
        } else if (pattern instanceof Pattern.Stuck stuck) {
            node.put("sticking", StickingText.write(stuck.sticking()));
            node.put("step", stuck.step().toString());
        } else if (pattern instanceof Pattern.Placed) {
            // With "across 3 bars" at the end of a longer part.
            node.put("placed", PatternText.write(pattern).substring("at ".length()));
        } else if (pattern instanceof Pattern.Over over) {
            node.put("notes", over.notes());
            if (over.span() instanceof Span.WholePhrase) {
                node.put("over", "phrase");
            } else if (over.span() instanceof Span.Bars bars) {
                node.putObject("over").put("bars", bars.count());
            } else if (over.span() instanceof Span.Length length) {
                node.putObject("over").put("length", length.value().toString());
            }
        }
        return node;
    }
}
