package nimblestride.formats.json;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.exercise.plan.LadderPace;
import nimblestride.core.exercise.plan.LadderRules;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.language.text.StageText;
import nimblestride.core.language.text.StickingText;
import org.apache.commons.numbers.fraction.BigFraction;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads and writes a practice plan as members of its exercise: {@code practised}, {@code stages}, {@code ladder}, and {@code varied}.
 */
final class PracticeJson {
    private static final Map<String, DayOfWeek> DAYS = days();

    private PracticeJson() {}

    private static Map<String, DayOfWeek> days() {
        Map<String, DayOfWeek> days = new TreeMap<>();
        Arrays.stream(DayOfWeek.values()).forEach(day -> days.put(word(day), day));
        return days;
    }

    private static String word(DayOfWeek day) {
        return day.name().toLowerCase(Locale.ROOT);
    }

    static PracticePlan read(JsonNodeReader root) {
        List<Sticking> ticked = new ArrayList<>();
        if (root.has("practised")) {
            for (JsonNodeReader one : root.member("practised").items(PracticePlan.MAX_TICKED)) {
                ticked.add(one.typed(StickingText::read));
            }
        }
        List<Stage> stages = new ArrayList<>();
        if (root.has("stages")) {
            for (JsonNodeReader one : root.member("stages").items(PracticePlan.MAX_STAGES)) {
                stages.add(one.typed(StageText::read));
            }
        }
        Optional<Ladder> ladder = root.optional("ladder", PracticeJson::ladder);
        return new PracticePlan(ticked, stages, ladder, root.optional("varied", VariationJson::read));
    }

    private static Ladder ladder(JsonNodeReader place) {
        place.object("start", "goal", "step", "cleanToGoUp", "missesToStepBack", "pace");
        BigFraction start = place.member("start").exactNumber();
        BigFraction goal = place.member("goal").exactNumber();
        BigFraction step = place.member("step").exactNumber();
        int clean = place.member("cleanToGoUp").whole();
        int misses = place.member("missesToStepBack").whole();
        Optional<LadderPace> pace = place.optional("pace", PracticeJson::pace);
        return place.make(() -> new Ladder(start, goal, step, new LadderRules(clean, misses), pace));
    }

    private static LadderPace pace(JsonNodeReader place) {
        place.object("begun", "due", "days");
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        for (JsonNodeReader day : place.member("days").items(DayOfWeek.values().length)) {
            days.add(day.word(DAYS));
        }
        LocalDate begun = place.member("begun").day();
        LocalDate due = place.member("due").day();
        return place.make(() -> new LadderPace(begun, due, days));
    }

    static void write(PracticePlan practice, ObjectNode root) {
        if (!practice.ticked().isEmpty()) {
            ArrayNode practiced = root.putArray("practised");
            practice.ticked().forEach(sticking -> practiced.add(StickingText.write(sticking)));
        }
        if (!practice.stages().isEmpty()) {
            ArrayNode stages = root.putArray("stages");
            practice.stages().forEach(stage -> stages.add(StageText.writeToFile(stage)));
        }
        practice.ladder().ifPresent(ladder -> write(ladder, root.putObject("ladder")));
        practice.varied().ifPresent(plan -> VariationJson.write(plan, root.putObject("varied")));
    }

    private static void write(Ladder ladder, ObjectNode node) {
        node.put("start", number(ladder.start()));
        node.put("goal", number(ladder.goal()));
        node.put("step", number(ladder.step()));
        node.put("cleanToGoUp", ladder.rules().cleanToGoUp());
        node.put("missesToStepBack", ladder.rules().missesToStepBack());
        ladder.pace().ifPresent(pace -> {
            ObjectNode paced = node.putObject("pace");
            paced.put("begun", pace.start().toString());
            paced.put("due", pace.due().toString());
            ArrayNode days = paced.putArray("days");
            pace.days().stream().sorted().forEach(day -> days.add(word(day)));
        });
    }

    /** Returns {@code 96}, {@code 289/3}. */
    static String number(BigFraction number) {
        return number.getDenominator().bitLength() == 1
                ? number.getNumerator().toString()
                : number.getNumerator() + "/" + number.getDenominator();
    }
}
