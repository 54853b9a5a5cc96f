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

    /** @throws InvalidValueException if the exercise does not fit on a page */
    static String of(PageContent content) {
        Exercise exercise = content.exercise();
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("title", exercise.name());
        content.id().ifPresent(id -> root.put("id", id.toString()));
        PageSounds sounds = new PageSounds();
        ArrayNode sections = root.putArray("sections");
        for (Passage passage : Playthrough.untilRealigned(exercise).passages()) {
            new SectionData(passage, content.counting(), sounds).write(sections.addObject());
        }
        ObjectNode tempos = root.putObject("tempos");
        for (int percent = SLOWEST; percent <= FASTEST; percent++) {
            String tempo = tempo(exercise.tempo(), percent);
            if (!tempo.isEmpty()) {
                tempos.put(String.valueOf(percent), tempo);
            }
        }
        plan(exercise, root);
        ObjectNode files = root.putObject("sounds");
        sounds.files().forEach(files::put);
        return JsonMapper.builder().build().writeValueAsString(root);
    }

    /** Returns a share of a tempo, as it is typed; nothing where it is too slow or too fast to be one. */
    private static String tempo(Tempo tempo, int percent) {
        BigFraction perMinute = tempo.perMinute().multiply(percent).multiply(HUNDREDTH);
        boolean possible = perMinute.compareTo(BigFraction.of(Tempo.MIN)) >= 0
                && perMinute.compareTo(BigFraction.of(Tempo.MAX)) <= 0;
        return possible ? new Tempo(tempo.beat(), perMinute).toString() : "";
    }

    private static void plan(Exercise exercise, ObjectNode root) {
        PracticePlan plan = exercise.practice();
        ArrayNode stages = root.putArray("stages");
        for (Stage stage : plan.stages()) {
            ObjectNode node = stages.addObject();
            node.put("title", StageText.write(stage));
            node.put("percent", stage.percent());
            ArrayNode layers = node.putArray("layers");
            stage.layers().forEach(layers::add);
        }
        ArrayNode ladder = root.putArray("ladder");
        plan.ladder().ifPresent(rungs -> rungs.tempos().forEach(perMinute -> {
            ObjectNode node = ladder.addObject();
            node.put("tempo", Tempo.decimal(perMinute));
            node.put(
                    "percent",
                    perMinute.multiply(100).divide(exercise.tempo().perMinute()).doubleValue());
        }));
    }
}
