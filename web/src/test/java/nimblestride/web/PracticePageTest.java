package nimblestride.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Ladder;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class PracticePageTest {
    private static final Pattern DATA =
            Pattern.compile("<script type=\"application/json\" id=\"booklet\">(.*?)</script>");

    private static String page(Booklet booklet) {
        return new String(PracticePage.write(booklet), StandardCharsets.UTF_8);
    }

    private static JsonNode booklet(Booklet booklet) {
        Matcher found = DATA.matcher(page(booklet));
        assertThat(found.find()).isTrue();
        return JsonMapper.builder().build().readTree(found.group(1));
    }

    private static JsonNode data(Exercise exercise) {
        return booklet(Booklet.of(PageContent.of(exercise))).get("exercises").get(0);
    }

    /** Everything is a whole number of units: quintuplets and triplets over 7/8 need 15 to an eighth. */
    @Test
    void timesAreWholeNumbersOfOneUnit() {
        Exercise exercise = Examples.exercise("7/8(2+2+3)", "kick 5 over 1/4", "snare 3 over 7/8", "hi-hat every 1/8")
                .withTempo(TempoText.read("1/8=210"));
        JsonNode section = data(exercise).get("sections").get(0);
        assertThat(section.get("bars")).hasSize(2);
        JsonNode bar = section.get("bars").get(1);
        long length = bar.get("length").asLong();
        assertThat(bar.get("start").asLong()).isEqualTo(length);
        assertThat(section.get("secondsPerUnit").asDouble() * length).isCloseTo(7 * 60 / 210.0, within(1e-12));
        assertThat(bar.get("counts")).hasSize(7);
        assertThat(bar.get("label").asString()).isEqualTo("7/8, grouped 2+2+3, counted 1 2 1 2 1 2 3");
        JsonNode snare = section.get("layers").get(1);
        assertThat(snare.get("name").asString()).isEqualTo("snare");
        for (int i = 0; i < 6; i++) {
            assertThat(snare.get("hits").get(i).get(0).asLong() * 3).isEqualTo(i * length);
        }
    }

    /** The second section comes in where the first is over, and a dotted eighth of it lasts as long as a quarter before. */
    @Test
    void sectionsFollowEachOtherInTheirTempos() {
        Exercise exercise = Examples.then(
                Examples.exercise("7/8", "snare every 1/8").withTempo(TempoText.read("90")),
                "1/4 = 3/16",
                2,
                "5/8",
                "snare every 1/8");
        JsonNode sections = data(exercise).get("sections");
        assertThat(sections).hasSize(2);
        assertThat(sections.get(1).get("start").asDouble()).isCloseTo(7 * 60 / 180.0, within(1e-12));
        assertThat(sections.get(1).get("bars")).hasSize(2);
        double first = sections.get(0).get("secondsPerUnit").asDouble();
        assertThat(sections.get(1).get("secondsPerUnit").asDouble() / first).isCloseTo(4 / 3.0, within(1e-12));
    }

    @Test
    void theLadderAndTheTemposAreThere() {
        Exercise exercise = Examples.exercise("7/8", "snare every 1/8").withTempo(TempoText.read("100"));
        JsonNode data = data(exercise.withPractice(exercise.practice()
                .withLadder(Ladder.of(BigFraction.of(60), BigFraction.of(100), BigFraction.of(20)))));
        assertThat(data.get("ladder")).hasSize(3);
        assertThat(data.get("ladder").get(0).get("percent").asDouble()).isEqualTo(60);
        assertThat(data.get("tempos").get("25").asString()).isEqualTo("25");
        assertThat(data.get("tempos").get("120").asString()).isEqualTo("120");
    }

    /** A flam is a grace note just before its note, soft, and both are where the program plays them. */
    @Test
    void aFlamIsTwoSounds() {
        Exercise exercise =
                Examples.exercise("4/4", "snare sticking lR L R L of 1/4").withTempo(TempoText.read("120"));
        JsonNode hits =
                data(exercise).get("sections").get(0).get("layers").get(0).get("hits");
        JsonNode parts = hits.get(0).get(2);
        assertThat(parts).hasSize(2);
        assertThat(parts.get(0).get(0).asDouble()).isBetween(-0.040, -0.025);
        assertThat(parts.get(0).get(2).asDouble())
                .isLessThan(parts.get(1).get(2).asDouble());
        assertThat(parts.get(1).get(0).asDouble()).isZero();
        assertThat(hits.get(1).get(2)).hasSize(1);
    }

    /** Each sound is in a booklet once, and each exercise has its own to-do. */
    @Test
    void aBookletHoldsSeveralExercises() {
        PageContent first = PageContent.of(Examples.exercise("7/8", "snare every 1/8"));
        PageContent second = PageContent.of(Examples.exercise("5/8", "snare every 1/4", "kick every 5/8"));
        JsonNode booklet = booklet(new Booklet("For the week", "Wren", List.of(first.withToDo("Slowly."), second)));
        assertThat(booklet.get("title").asString()).isEqualTo("For the week");
        assertThat(booklet.get("exercises")).hasSize(2);
        assertThat(booklet.get("exercises").get(0).get("toDo").asString()).isEqualTo("Slowly.");
        assertThat(booklet.get("sounds").propertyNames())
                .containsExactlyInAnyOrder("click-ones", "click-strides", "click-units", "snare normal", "kick normal");
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() -> new Booklet("Nothing", "", List.of()))
                .withMessage("a web page holds 1 to 50 exercises, not 0");
    }

    @Test
    void whatIsTypedMeansOnlyItself() {
        String hostile = "</script><script>alert(1)</script><img src=x onerror='alert(2)'>\"&";
        Exercise exercise = Examples.exercise("7/8", "snare every 1/8").withName(hostile);
        String page =
                page(Booklet.of(PageContent.of(exercise).withToDo(hostile)).forStudent(hostile));
        assertThat(page).doesNotContain("<img").doesNotContain("<script>alert");
        assertThat(page.split("<script", -1)).hasSize(3);
        assertThat(page).contains("&lt;/script&gt;&lt;script&gt;alert(1)&lt;/script&gt;");
        assertThat(data(exercise).get("title").asString()).isEqualTo(hostile);
    }

    /** The only addresses are those that name the language of a picture. */
    @Test
    void itFetchesNothing() {
        String page = page(Booklet.of(PageContent.of(Examples.exercise("7/8", "snare every 1/8"))));
        assertThat(page.replace("http://www.w3.org/2000/svg", ""))
                .doesNotContain("http:")
                .doesNotContain("https:")
                .doesNotContain("src=");
        assertThat(page).contains("default-src 'none'");
        assertThat(page.length()).isLessThan(1_000_000);
    }

    @Test
    void whatIsTooLongIsRefused() {
        assertThatExceptionOfType(InvalidValueException.class)
                .isThrownBy(() ->
                        PracticePage.write(Booklet.of(PageContent.of(Examples.exercise("4/4 x600", "kick every 1/4")))))
                .withMessage(String.format(Locale.ROOT, "a web page holds up to %d bars, and this has 600", 512));
    }
}
