package nimblestride.formats.json;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.time.value.Tempo;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes a log entry as a JSON object. */
final class LogEntryJson {
    private static final Map<String, RepRating> CLEAN =
            Arrays.stream(RepRating.values()).collect(Collectors.toMap(RepRating::title, Function.identity()));

    private LogEntryJson() {}

    static LogEntry read(JsonNodeReader place) {
        place.object("id", "exercise", "what", "begun", "seconds", "tempo", "clean", "words", "hard", "student");
        List<String> hard = new ArrayList<>();
        if (place.has("hard")) {
            for (JsonNodeReader one : place.member("hard").items(LogEntry.MAX_HARD)) {
                hard.add(one.text());
            }
        }
        UUID id = place.member("id").id();
        Optional<UUID> exercise = place.optional("exercise", JsonNodeReader::id);
        Optional<UUID> student = place.optional("student", JsonNodeReader::id);
        String what = place.member("what").text();
        LocalDateTime begun = place.member("begun").moment();
        int seconds = place.member("seconds").whole();
        Optional<Tempo> tempo = place.optional("tempo", typed -> typed.typed(TempoText::read));
        Optional<RepRating> clean = place.optional("clean", word -> word.word(CLEAN));
        String words = place.optional("words", JsonNodeReader::text).orElse("");
        return place.make(() -> new LogEntry(id, exercise, what, begun, seconds, tempo, clean, words, hard, student));
    }

    static void write(LogEntry entry, ObjectNode node) {
        node.put("id", entry.id().toString());
        entry.exercise().ifPresent(exercise -> node.put("exercise", exercise.toString()));
        node.put("what", entry.what());
        node.put("begun", entry.when().toString());
        node.put("seconds", entry.seconds());
        entry.tempo().ifPresent(tempo -> node.put("tempo", TempoText.write(tempo)));
        entry.rating().ifPresent(clean -> node.put("clean", clean.title()));
        if (!entry.words().isEmpty()) {
            node.put("words", entry.words());
        }
        if (!entry.hard().isEmpty()) {
            ArrayNode hard = node.putArray("hard");
            entry.hard().forEach(hard::add);
        }
        entry.student().ifPresent(student -> node.put("student", student.toString()));
    }
}
