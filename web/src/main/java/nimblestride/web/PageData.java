package nimblestride.web;

import nimblestride.core.exercise.analysis.Playthrough;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.StageText;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Everything a page plays and shows, as one JSON object. */
final class PageData {
    /** The slowest a page plays, in percent. */
    static final int SLOWEST = 25;
    /** The fastest. */
    static final int FASTEST = 120;

    private static final BigFraction HUNDREDTH = BigFraction.of(1, 100);

    private PageData() {}

    /** @throws InvalidValueException if an exercise does not fit on a page */
    static String of(Booklet booklet) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("title", booklet.title());
        PageSounds sounds = new PageSounds();
        ArrayNode exercises = root.putArray("exercises");
        booklet.exercises().forEach(content -> exercise(content, sounds, exercises.addObject()));
        ObjectNode files = root.putObject("sounds");
        sounds.files().forEach(files::put);
        return JsonMapper.builder().build().writeValueAsString(root);
    }

    private static void exercise(PageContent content, PageSounds sounds, ObjectNode node) {
        Exercise exercise = content.exercise();
        node.put("title", exercise.name());
        node.put("toDo", content.toDo().strip());
        content.id().ifPresent(id -> node.put("id", id.toString()));
        ArrayNode sections = node.putArray("sections");
        for (Passage passage : Playthrough.untilRealigned(exercise).passages()) {
            new SectionData(passage, content.counting(), sounds).write(sections.addObject());
        }
        ObjectNode tempos = node.putObject("tempos");
        for (int percent = SLOWEST; percent <= FASTEST; percent++) {
            String tempo = tempo(exercise.tempo(), percent);
            if (!tempo.isEmpty()) {
                tempos.put(String.valueOf(percent), tempo);
            }
        }
        plan(exercise, node);
    }

    /** Returns a share of a tempo, as it is typed; nothing where it is too slow or too fast to be one. */
    private static String tempo(Tempo tempo, int percent) {
        BigFraction perMinute = tempo.perMinute().multiply(percent).multiply(HUNDREDTH);
        boolean possible = perMinute.compareTo(BigFraction.of(Tempo.MIN)) >= 0
                && perMinute.compareTo(BigFraction.of(Tempo.MAX)) <= 0;
        return possible ? new Tempo(tempo.beat(), perMinute).toString() : "";
    }

    private static void plan(Exercise exercise, ObjectNode node) {
        PracticePlan plan = exercise.practice();
        ArrayNode stages = node.putArray("stages");
        for (Stage stage : plan.stages()) {
            ObjectNode one = stages.addObject();
            one.put("title", StageText.write(stage));
            one.put("percent", stage.percent());
            ArrayNode layers = one.putArray("layers");
            stage.layers().forEach(layers::add);
        }
        ArrayNode ladder = node.putArray("ladder");
        plan.ladder().ifPresent(rungs -> rungs.tempos().forEach(perMinute -> {
            ObjectNode one = ladder.addObject();
            one.put("tempo", Tempo.decimal(perMinute));
            one.put(
                    "percent",
                    perMinute.multiply(100).divide(exercise.tempo().perMinute()).doubleValue());
        }));
    }
}
