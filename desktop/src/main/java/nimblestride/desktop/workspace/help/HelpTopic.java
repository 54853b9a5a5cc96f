package nimblestride.desktop.workspace.help;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.glossary.Glossary;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.Tempo;

/**
 * A topic of the help.
 *
 * @param paragraphs in order
 * @param examples as a user types them: bars, and layers after bars, divided by {@code |}
 * @param entries a list of things to look up
 * @param showsRoad whether a picture names the marks on the Road
 */
record HelpTopic(
        String title, List<String> paragraphs, List<String> examples, List<HelpListEntry> entries, boolean showsRoad) {
    private static final Tempo DEFAULT = Tempo.ofQuarters(84);

    HelpTopic {
        paragraphs = List.copyOf(paragraphs);
        examples = List.copyOf(examples);
        entries = List.copyOf(entries);
    }

    static HelpTopic shortcuts(List<HelpListEntry> keys) {
        return new HelpTopic("Shortcuts", List.of(), List.of(), keys, false);
    }

    /** Returns the topic that explains the terms. */
    static HelpTopic terms() {
        return new HelpTopic(
                "Glossary",
                List.of("What each word means here. Hover over a finding to see the terms it uses."),
                List.of(),
                Glossary.all().stream()
                        .map(term -> new HelpListEntry(term.name(), term.meaning()))
                        .toList(),
                false);
    }

    /** Returns all topics, in order. */
    static List<HelpTopic> all() {
        try (InputStream in = HelpTopic.class.getResourceAsStream("help.txt")) {
            List<HelpTopic> topics = read(new String(in.readAllBytes(), StandardCharsets.UTF_8));
            topics.add(terms());
            return topics;
        } catch (IOException e) {
            throw new UncheckedIOException("the help is not in the program", e);
        }
    }

    /** Reads topics: {@code #} starts a title, {@code >} an example, {@code !} the picture; other lines are paragraphs. */
    private static List<HelpTopic> read(String text) {
        List<HelpTopic> topics = new ArrayList<>();
        String title = "";
        List<String> paragraphs = new ArrayList<>();
        List<String> examples = new ArrayList<>();
        boolean showsRoad = false;
        for (String line : text.lines().toList()) {
            if (line.startsWith("# ")) {
                if (!title.isEmpty()) {
                    topics.add(new HelpTopic(title, paragraphs, examples, List.of(), showsRoad));
                }
                title = line.substring(2);
                paragraphs.clear();
                examples.clear();
                showsRoad = false;
            } else if (line.equals("! road")) {
                showsRoad = true;
            } else if (line.startsWith("> ")) {
                examples.add(line.substring(2));
            } else if (!line.isBlank()) {
                paragraphs.add(line);
            }
        }
        topics.add(new HelpTopic(title, paragraphs, examples, List.of(), showsRoad));
        return topics;
    }

    /** Returns whether the topic has every word in it. */
    boolean isAbout(String words) {
        String all = (title + " " + String.join(" ", paragraphs) + " " + String.join(" ", examples)
                        + entries.stream()
                                .map(entry -> " " + entry.name() + " " + entry.description())
                                .collect(Collectors.joining()))
                .toLowerCase(Locale.ROOT);
        return words.toLowerCase(Locale.ROOT)
                .strip()
                .lines()
                .flatMap(line -> List.of(line.split("\\s+", -1)).stream())
                .allMatch(all::contains);
    }

    /** Returns whether its title has these words; an empty text is in every title. */
    boolean isCalled(String words) {
        return title.toLowerCase(Locale.ROOT)
                .contains(words.toLowerCase(Locale.ROOT).strip());
    }

    /** Returns an example as an exercise. */
    static Exercise exercise(String example) {
        List<String> typed = List.of(example.split("\\|", -1));
        return new Exercise(
                said(example).length() > Exercise.MAX_NAME_LENGTH ? "Example" : said(example),
                BarsText.read(typed.get(0).strip()),
                typed.stream().skip(1).map(String::strip).map(LayerText::read).toList(),
                DEFAULT);
    }

    /** Returns an example in words: {@code 11/8 with bass drum every 1/4}. */
    static String said(String example) {
        List<String> typed = List.of(example.split("\\|", -1));
        String layers = typed.stream().skip(1).map(String::strip).collect(Collectors.joining(", "));
        return typed.get(0).strip() + (layers.isEmpty() ? "" : " with " + layers);
    }
}
