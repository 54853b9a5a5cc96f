package nimblestride.desktop.workspace.findings;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Region;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.SectionFact;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.language.text.Examples;
import nimblestride.desktop.OnStage;
import org.apache.commons.numbers.fraction.BigFraction;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** More findings than fit, shown again while somebody reads them. */
class FindingsPaneTest extends OnStage {
    private final List<Finding.Place> goneTo = new ArrayList<>();
    private final List<Finding.Fix> fixed = new ArrayList<>();
    private FindingsPane pane;

    @Override
    protected Parent content() {
        pane = new FindingsPane(goneTo::add, fixed::add);
        return pane;
    }

    private static Finding finding(String sentence) {
        return new Finding(new CheckFact.TooLarge(sentence), Optional.empty(), Optional.empty());
    }

    private static Finding findingWithSum(String layer) {
        return new Finding(
                new SectionFact.Drifted(layer, BigFraction.of(84), BigFraction.of(96), 0, 2),
                Optional.empty(),
                Optional.empty());
    }

    private static List<Finding> many(int count, String said) {
        return IntStream.range(0, count)
                .mapToObj(i -> i % 3 == 0 ? finding(said + " " + i) : findingWithSum(said + " " + i))
                .toList();
    }

    private List<String> sentences() {
        return lookup(".finding-sentence").queryAll().stream()
                .map(node -> ((LinkedText) node).getText().replace('\u00a0', ' '))
                .toList();
    }

    private int cardsInSight() {
        double room = ((ScrollPane) lookup(".scroll-pane").query())
                .getViewportBounds()
                .getHeight();
        return (int) lookup(".finding").queryAll().stream()
                .filter(card -> card.getBoundsInParent().getMinY() <= room)
                .count();
    }

    private void show(List<Finding> findings) {
        interact(() -> pane.show(findings));
    }

    /** What there is to read before a frame has come. */
    private List<String> soonOf(List<Finding> findings) {
        List<String> soon = new ArrayList<>();
        interact(() -> {
            pane.show(findings);
            soon.addAll(sentences());
        });
        return soon;
    }

    /** Also what is out of sight, which comes a frame later. */
    private void untilAllOf(List<Finding> findings) {
        List<String> expected = findings.stream().map(Finding::sentence).toList();
        for (int i = 0; i < 300 && !sentences().equals(expected); i++) {
            frames(1);
        }
        assertThat(sentences()).isEqualTo(expected);
    }

    @BeforeEach
    void showMany() {
        show(many(60, "first"));
        untilAllOf(many(60, "first"));
    }

    @Test
    void whatIsInSightIsThereAtOnceAndTheRestAFrameLater() {
        List<String> soon = soonOf(many(60, "then"));
        int inSight = cardsInSight();
        assertThat(inSight).isBetween(3, 30);
        assertThat(soon.subList(0, inSight)).allMatch(sentence -> sentence.startsWith("Then "));
        assertThat(soon.subList(inSight + 1, 60)).allMatch(sentence -> sentence.startsWith("First "));
        untilAllOf(many(60, "then"));
    }

    @Test
    void whereItIsScrolledToComesFirst() {
        ScrollPane scroll = lookup(".scroll-pane").query();
        interact(() -> scroll.setVvalue(1));
        waitForFxEvents();
        List<String> soon = soonOf(many(60, "then"));
        assertThat(soon.get(59)).startsWith("Then 59 ");
        assertThat(soon.get(0)).isEqualTo("First 0.");
        untilAllOf(many(60, "then"));
    }

    @Test
    void fewerAndMoreAndNoneAreShown() {
        for (int count : new int[] {3, 0, 1, 80, 12}) {
            show(many(count, "of " + count));
            untilAllOf(many(count, "of " + count));
        }
    }

    /** Ten answers in a row before a frame: the last one is what stays. */
    @Test
    void theNewestIsWhatStays() {
        interact(() -> IntStream.range(0, 10).forEach(i -> pane.show(many(20 + i, "answer " + i))));
        untilAllOf(many(29, "answer 9"));
    }

    @Test
    void aCardHasNoMoreThanItSays() {
        show(List.of(finding("alone")));
        untilAllOf(List.of(finding("alone")));
        assertThat(lookup(".finding-sum").queryAll()).isEmpty();
        assertThat(lookup(".finding .button").queryAll()).isEmpty();
        show(List.of(findingWithSum("with a sum")));
        assertThat(lookup(".finding-sum").queryAll()).hasSize(1);
    }

    /** How high a card is at a width is kept, and must be forgotten when what it says changes or its width does. */
    @Test
    void aCardIsAsHighAsWhatItSaysNow() {
        List<Finding> few = List.of(finding("short"), finding("below"));
        show(few);
        untilAllOf(few);
        double low = heightOf(0);

        String many = "a sentence that needs several lines in so narrow a pane ".repeat(8);
        show(List.of(finding(many), finding("below")));
        double high = heightOf(0);
        assertThat(high).isGreaterThan(3 * low);
        assertThat(heightOf(1)).isEqualTo(low);

        interact(() -> pane.getScene().getWindow().setWidth(400));
        assertThat(heightOf(0)).isGreaterThan(high);
        interact(() -> pane.getScene().getWindow().setWidth(800));
        assertThat(heightOf(0)).isEqualTo(high);

        show(List.of(findingWithSum("short"), finding("below")));
        assertThat(heightOf(0)).isBetween(low + 5, 3 * low);
        show(few);
        assertThat(heightOf(0)).isEqualTo(low);
    }

    /** So that no words move when the bar comes. */
    @Test
    void aCardIsAsWideBesideAScrollBarAsWithoutOne() {
        double beside = ((Region) lookup(".finding").query()).getWidth();
        show(many(2, "few"));
        untilAllOf(many(2, "few"));
        assertThat(lookup(".scroll-bar").match(Node::isVisible).tryQuery()).isEmpty();
        assertThat(((Region) lookup(".finding").query()).getWidth()).isEqualTo(beside);
    }

    /** With the text size, that is; and nothing is set outside the card it belongs to. */
    @Test
    void aCardGrowsWithTheLettersOnIt() {
        List<Finding> few = List.of(findingWithSum("a few words"), finding("below"));
        show(few);
        untilAllOf(few);
        double before = heightOf(0);

        interact(() -> pane.setStyle("-fx-font-size: 200%;"));
        assertThat(heightOf(0)).isGreaterThan(before * 1.4);
        for (Node card : lookup(".finding").queryAll()) {
            Bounds room = card.getLayoutBounds();
            for (Node part : ((Region) card).getChildrenUnmodifiable()) {
                assertThat(room.contains(part.localToParent(part.getLayoutBounds())))
                        .as(part.toString())
                        .isTrue();
                Node words = ((Region) part).getChildrenUnmodifiable().get(0);
                assertThat(part.getLayoutBounds().contains(words.localToParent(words.getLayoutBounds())))
                        .isTrue();
            }
        }
        Node below = lookup(".finding").nth(1).query();
        Node above = lookup(".finding").nth(0).query();
        assertThat(below.getBoundsInParent().getMinY())
                .isEqualTo(above.getBoundsInParent().getMaxY() + 8);
    }

    /** Where cards grow and move, one laying out is enough. */
    @Test
    void whatMovesInTheListAsksForNoMore() {
        List<Finding> longer = many(60, "a sentence that goes on below in so narrow a pane ".repeat(4));
        double before = lookup(".finding").nth(1).query().getLayoutY();
        interact(() -> {
            pane.show(longer);
            pane.getScene().getRoot().layout();
            assertThat(lookup(".finding").nth(1).query().getLayoutY()).isGreaterThan(before);
            for (Node laid = lookup(".findings-list").query(); laid != null; laid = laid.getParent()) {
                assertThat(((Parent) laid).isNeedsLayout()).as(laid.toString()).isFalse();
            }
        });
        untilAllOf(longer);
    }

    private double heightOf(int card) {
        frames(6);
        Node shown = lookup(".finding").nth(card).query();
        assertThat(((Region) shown).getHeight())
                .as("as high as it wants to be")
                .isEqualTo(((Region) shown).prefHeight(((Region) shown).getWidth()));
        return ((Region) shown).getHeight();
    }

    /** A layer's card is one line until somebody asks; then it says how to count it first, and can be mended. */
    @Test
    void detailsComeWhenAskedFor() {
        List<Finding> told = before(
                Findings.of(Analysis.of(Examples.exercise("4/4", "snare every 1/4 from 1/8", "kick every 3/16"))));
        show(told);
        untilAllOf(told);
        assertThat(lookup(".finding-detail").queryAll()).isEmpty();
        clickOn(lookup(".finding-more").nth(0).<ToggleButton>query());
        frames(2);
        WrappedText first = lookup(".finding-detail").nth(0).query();
        assertThat(first.getText()).isEqualTo("Count bar 1: 1&, 2&, 3&, 4&.");
        Button button = lookup(".finding .button").queryButton();
        assertThat(button.getText()).isEqualTo("Start it on the 1");
        clickOn(button);
        assertThat(fixed).containsExactly(told.get(1).fix().orElseThrow());
    }

    /** The numbers in a sentence lead to their bars: with the mouse one by one, with Enter in turn. */
    @Test
    void theBarsOfASentenceAreLinks() {
        List<Finding> told =
                before(Findings.of(Analysis.of(Examples.exercise("10/8(3+3+2+2) x2, 9/16", "kick every 5/16"))));
        show(told);
        untilAllOf(told);
        clickOn(lookup(".bar-link").nth(1).<Node>query());
        assertThat(goneTo).containsExactly(told.get(1).bars().get(1).place());
        goneTo.clear();
        interact(() -> lookup(".finding").nth(1).query().requestFocus());
        type(KeyCode.ENTER, 4);
        assertThat(goneTo).extracting(place -> place.at().toString()).containsExactly("0", "5/4", "5/2", "0");
    }

    /** What nobody asked for waits behind More. */
    @Test
    void theRestWaitsBehindMore() {
        List<Finding> told = Findings.of(Analysis.of(Examples.exercise("11/8", "kick every 3/16", "snare every 1/4")));
        show(told);
        untilAllOf(before(told));
        ToggleButton more = lookup("#findings-more").query();
        assertThat(more.getText())
                .isEqualTo("More (" + (told.size() - before(told).size()) + ")");
        clickOn(more);
        untilAllOf(told);
        assertThat(more.getText()).isEqualTo("Less");
        clickOn(more);
        untilAllOf(before(told));
    }

    private static List<Finding> before(List<Finding> all) {
        return all.stream().filter(finding -> !finding.isBehindMore()).toList();
    }

    @Test
    void itsTermsAreToldByAKey() {
        show(List.of(finding("Kick is a polymeter against the bar")));
        Node card = lookup(".finding").query();
        interact(card::requestFocus);
        type(KeyCode.I);
        waitForFxEvents();
        assertThat(lookup(".tooltip")
                        .match(Label.class::isInstance)
                        .<Label>query()
                        .getText())
                .startsWith("Polymeter");
        type(KeyCode.RIGHT);
        waitForFxEvents();
        assertThat(lookup(".tooltip").match(Label.class::isInstance).tryQuery()).isEmpty();
    }
}
