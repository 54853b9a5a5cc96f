package nimblestride.core.language.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.tuple;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.PartRecording.Hit;
import nimblestride.core.language.text.PartRecording.Step;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern.Placed;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PartTextTest {
    private static List<Layer> layers(String bars, String part) {
        return PartText.read(part, BarsText.read(bars), NamedVoices.KIT);
    }

    private static List<String> read(String bars, String part) {
        return layers(bars, part).stream().map(LayerText::write).toList();
    }

    private static String again(String bars, String part) {
        return PartText.write(layers(bars, part), BarsText.read(bars), NamedVoices.KIT);
    }

    /** Four notes in a quarter are sixteenths, six a sextuplet, eight thirty-seconds (common practice). */
    @Test
    void theNotesOfAStrideShareItEvenly() {
        assertThat(read("2/4", "kick . snare . / hi-hat hi-hat hi-hat hi-hat hi-hat hi-hat"))
                .containsExactly("kick at 1:0", "snare at 1:1/8", "hi-hat at 1:1/4 1:7/24 1:1/3 1:3/8 1:5/12 1:11/24");
        assertThat(read("1/4", ". . . . . . . snare")).containsExactly("snare at 1:7/32");
        // Three in a stride of three eighths are eighths.
        assertThat(read("7/8(2+2+3)", "kick / kick / kick . snare"))
                .containsExactly("kick at 1:0 1:1/4 1:1/2", "snare at 1:3/4");
    }

    @Test
    void notesSoundTogetherHoldOnAndAreRepeated() {
        assertThat(read("2/4 x3", "kick+ride - snare - / kick | % | kick / ."))
                .containsExactly("kick at 1:0 1:1/4 2:0 2:1/4 3:0", "ride at 1:0 2:0", "snare at 1:1/8 2:1/8");
        assertThat(read("2/4 x3", "kick / snare x3"))
                .containsExactly("kick at 1:0 2:0 3:0", "snare at 1:1/4 2:1/4 3:1/4");
        assertThat(read("2/4 x3", "kick / snare | % x2 |"))
                .containsExactly("kick at 1:0 2:0 3:0", "snare at 1:1/4 2:1/4 3:1/4");
    }

    @Test
    void tupletsStandInsideAStride() {
        assertThat(read("1/4", "kick kick (3:2 snare . snare)"))
                .containsExactly("kick at 1:0 1:1/16", "snare at 1:1/8 1:5/24");
        String mixed = "kick . . kick (3:2 snare snare snare) . .";
        assertThat(again("1/4", mixed)).isEqualTo(mixed);
    }

    @ParameterizedTest
    @CsvSource(
            quoteCharacter = '"',
            value = {
                ">snare, ACCENT, NONE,",
                "(snare), GHOST, NONE,",
                "_snare, SOFT, NONE,",
                "^Lsnare, STRONG, NONE, LEFT_HAND",
                "'snare, NORMAL, FLAM,",
                ">''Rsnare, ACCENT, DRAG, RIGHT_HAND",
                "('''snare), GHOST, RUFF,",
                "snare:, NORMAL, DOUBLED,",
                "(snare~), GHOST, BUZZ,"
            })
    void eachSignReadsAndPrints(String note, Dynamic level, Ornament ornament, Limb limb) {
        Stroke stroke = ((Placed) layers("1/4", note).get(0).pattern())
                .placements()
                .get(0)
                .stroke();
        assertThat(stroke.level()).isEqualTo(level);
        assertThat(stroke.ornament()).isEqualTo(ornament);
        assertThat(stroke.limb().orElse(null)).isEqualTo(limb);
        assertThat(again("1/4", note)).isEqualTo(note);
    }

    @Test
    void namesAreJoinedByHyphensAndTheirFirstLettersAreEnough() {
        assertThat(read("1/4", "floor-tom foot-hi-hat kick"))
                .containsExactly("floor tom at 1:0", "foot hi-hat at 1:1/12", "kick at 1:1/6");
        assertThat(read("1/4", "sn floor")).containsExactly("snare at 1:0", "floor tom at 1:1/8");
        assertThat(read("1/4", "half snare-edge sec"))
                .containsExactly("half-open hi-hat at 1:0", "snare edge at 1:1/12", "second crash at 1:1/6");
        // Printed in full, and as short as says it.
        assertThat(again("2/4 x2", "sn . . . / . . . . | sn / .")).isEqualTo("snare / . x2");
        assertThat(again("4/4", "kick . / . . / (sn) . . . / .")).isEqualTo("kick / . / (snare) / .");
    }

    @Test
    void barsStandBelowEachOther() {
        Phrase phrase = BarsText.read("2/4 x4, 7/8(2+2+3)");
        List<Layer> part = PartText.read(
                "kick . snare . / kick | kick / snare x2 | . / snare snare | kick / . / snare . kick",
                phrase,
                NamedVoices.KIT);
        String lines = PartText.lines(part, phrase, NamedVoices.KIT, 80);
        assertThat(lines)
                .isEqualTo(
                        """
                kick snare / kick |
                kick       / snare x2 |
                .          / snare snare |
                kick       / .           / snare . kick""");
        assertThat(PartText.read(lines, phrase, NamedVoices.KIT)).isEqualTo(part);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '~',
            value = {
                "7/8; kick / snare; bar 1, 7/8, has 3 strides (2+2+3), but you wrote 2",
                "2/4; kick; has 2 strides (1+1), but you wrote 1",
                "2/4; %; Try the notes of bar 1",
                "2/4; kick / snare x0; a bar plays at least once, such as x2",
                "2/4; kick / ; tride 2 of bar 1 is empty. Write . where it rests",
                "2/4; kick / snear; I can't read \"snear\". Try a voice: snare",
                "2/4; kick / (3:2 kick . snare .); this tuplet in stride 2 of bar 1 is for 3 notes and has 4",
                "2/4; kick / (3:2 kick . snare; Try a ) at the end of the tuplet",
                "2/4; kick / >(snare); one level and one ornament",
                "2/4; kick / 'snare:; one level and one ornament",
                "2/4; kick / snare); Try a note",
                "2/4; kick / snare+; Try a note",
                "2/4; kick+kick / .; put a voice on each count only once",
                "2/4 x2; kick / . | / .; stride 1 of bar 2 is empty"
            })
    void whatCannotBeReadIsExplained(String bars, String part, String said) {
        assertThatThrownBy(() -> read(bars, part))
                .isInstanceOf(TextException.class)
                .hasMessageContaining(said);
    }

    @Test
    void tooManyNotesAndBarsAreRefused() {
        assertThatThrownBy(() -> read("1/4", "kick ".repeat(33)))
                .hasMessageContaining("stride 1 of bar 1 has 33 notes, and a stride holds up to 32. Is a / missing?");
        assertThatThrownBy(() -> read("1/4", "kick x100001")).hasMessageContaining("a part holds up to 100,000 bars");
        Phrase phrase = BarsText.read("1/4");
        Layer odd = Layer.of(
                Kit.SNARE,
                new Placed(List.of(
                        new Placement(0, NoteValue.of(1, 37), Stroke.NORMAL),
                        new Placement(0, NoteValue.of(1, 41), Stroke.NORMAL))));
        assertThatThrownBy(() -> PartText.write(List.of(odd), phrase, NamedVoices.KIT))
                .isInstanceOf(InvalidValueException.class)
                .hasMessageContaining("bar 1 has notes too close together to write beat by beat");
    }

    /** A part longer than the phrase runs across it: its third bar falls on the phrase's first. */
    @Test
    void aLongerPartRunsAcrossThePhrase() {
        assertThat(read("7/8(2+2+3), 2/4", "kick / . / . | snare / . | kick / . / snare"))
                .containsExactly("kick at 1:0 3:0 across 3 bars", "snare at 2:0 3:1/2 across 3 bars");
        Phrase phrase = BarsText.read("2/4");
        List<Layer> part = PartText.read("kick / snare | kick / . | . / kick", phrase, NamedVoices.KIT);
        assertThat(PartText.write(part, phrase, NamedVoices.KIT)).isEqualTo("kick / snare | kick / . | . / kick");
        Alignment kick = Alignment.of(part.get(0), BarsText.read("2/4 x2"));
        assertThat(kick.returnsAfter().bars()).isEqualTo(6);
        assertThat(LayerText.read(LayerText.write(part.get(0)))).isEqualTo(part.get(0));
        // 2,000 bars pasted.
        assertThat(read("1/4", "kick | ".repeat(2_000)).get(0)).endsWith("2000:0 across 2000 bars");
    }

    /** With a layer that only repeats with the phrase, both are written until they come together. */
    @Test
    void voicesThatRepeatApartAreWrittenUntilTheyMeet() {
        Phrase phrase = BarsText.read("1/4 x2");
        List<Layer> part = new ArrayList<>(PartText.read("kick | . | .", phrase, NamedVoices.KIT));
        part.addAll(PartText.read("snare | .", phrase, NamedVoices.KIT));
        assertThat(PartText.write(part, phrase, NamedVoices.KIT))
                .isEqualTo("kick+snare | . | snare | kick | snare | .");
        assertThatThrownBy(() -> PartText.write(part, BarsText.read("1/4, 3/8"), NamedVoices.KIT))
                .hasMessageContaining("voices of 3 and 2 bars repeat apart here");
    }

    @Test
    void eachWrongBarIsMarkedAndRareTupletsAreAskedAbout() {
        String part = "kick / snear | kick | kick kick kick kick kick / . | kick kick kick / snare";
        List<PartRemark> remarks = new WrittenPart(part, BarsText.read("2/4 x4"), NamedVoices.KIT).remarks();
        assertThat(remarks)
                .extracting(remark -> part.substring(remark.from(), remark.to()), PartRemark::wrong)
                .containsExactly(tuple("snear", true), tuple("kick", true), tuple("kick kick kick kick kick", false));
        assertThat(remarks.get(2).words())
                .isEqualTo("Stride 1 of bar 3 has 5 notes: a quintuplet. Is that what you meant?");
        // Whoever writes two of them means them.
        assertThat(new WrittenPart("kick . . . . / snare . . . .", BarsText.read("2/4"), NamedVoices.KIT).remarks())
                .isEmpty();
    }

    @Test
    void theNearestNamesAreOffered() {
        assertThatThrownBy(() -> read("1/4", "hihatt")).hasMessageContaining("Try a voice: hi-hat");
        assertThatThrownBy(() -> read("1/4", "flor-tom")).hasMessageContaining("Try a voice: floor-tom");
        assertThatThrownBy(() -> read("1/4", "rid-bell")).hasMessageContaining("ride-bell");
        assertThatThrownBy(() -> read("1/4", "xylophone")).hasMessageContaining("Try a voice: kick, snare");
    }

    @Test
    void aShortNameCanBeChosen() {
        NamedVoices voices = NamedVoices.KIT.withShortName(Kit.HI_HAT, "t").withShortName(Kit.FLOOR_TOM, "ft");
        Phrase phrase = BarsText.read("2/4");
        List<Layer> part = PartText.read("t ft / >t", phrase, voices);
        assertThat(part).extracting(Layer::voice).containsExactly(Kit.HI_HAT, Kit.FLOOR_TOM);
        assertThat(PartText.write(part, phrase, voices)).isEqualTo("t ft / >t");
        assertThatThrownBy(() -> voices.withShortName(Kit.RIDE, "t"))
                .hasMessageContaining("already names another voice");
        assertThatThrownBy(() -> voices.withShortName(Kit.RIDE, "bd")).hasMessageContaining("already names the kick");
        assertThatThrownBy(() -> voices.withShortName(Kit.RIDE, "r!")).hasMessageContaining("not \"r!\"");
        assertThat(voices.withShortName(Kit.HI_HAT, "").shortNames()).hasSize(1);
    }

    @Test
    void longBarsBreakAtStridesThatStayBelowEachOther() {
        Phrase phrase = BarsText.read("4/4 x2");
        List<Layer> part = PartText.read(
                "kick kick / snare / kick / snare | kick / snare snare / kick / snare", phrase, NamedVoices.KIT);
        String lines = PartText.lines(part, phrase, NamedVoices.KIT, 24);
        assertThat(lines)
                .isEqualTo(
                        """
                kick kick / snare
                  / kick / snare |
                kick      / snare snare
                  / kick / snare""");
        assertThat(PartText.read(lines, phrase, NamedVoices.KIT)).isEqualTo(part);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '~',
            value = {"0; 1; 1; 0", "8; 1; 2; 1/4", "16; 2; 1; 1/2", "17; 2; 1; 1/2", "30; 4; 2; 7/4", "60; 6; 2; 11/4"})
    void thePlaceOfTheCaretIsFound(int caret, int bar, int stride, String start) {
        String part = "kick / snare | % x2 |   kick / snare | %   | kick / snare snare";
        assertThat(new WrittenPart(part, BarsText.read("2/4"), NamedVoices.KIT).placeAt(Math.min(caret, part.length())))
                .hasValueSatisfying(place -> {
                    assertThat(place.bar() + 1).isEqualTo(bar);
                    assertThat(place.stride() + 1).isEqualTo(stride);
                    assertThat(place.start()).isEqualTo(NoteValue.parse(start));
                });
    }

    @Test
    void namesAndBarsAreCompleted() {
        Phrase phrase = BarsText.read("7/8(2+2+3)");
        assertThat(completed("kick . / sn", phrase)).isEqualTo("kick . / snare");
        assertThat(completed("kick . / snare", phrase)).isEqualTo("kick . / snare / .");
        assertThat(completed("kick / snare /", phrase)).isEqualTo("kick / snare / .");
        assertThat(completed("kick", phrase)).isEqualTo("kick / . / .");
        assertThat(completed("kick / . / .", phrase)).isEqualTo("kick / . / . |");
        assertThat(completed("kick / . / . |", phrase)).isEqualTo("kick / . / . | %");
        // Several voices begin so, or there is nothing to complete.
        assertThat(PartCompletion.at("h", 1, phrase, NamedVoices.KIT)).isEmpty();
        assertThat(PartCompletion.at("", 0, phrase, NamedVoices.KIT)).isEmpty();
        assertThat(PartCompletion.at("kick / . / . / .", 16, phrase, NamedVoices.KIT))
                .isEmpty();
    }

    private static String completed(String part, Phrase phrase) {
        return part
                + PartCompletion.at(part, part.length(), phrase, NamedVoices.KIT)
                        .orElse("");
    }

    @Test
    void aPartIsRecordedStepByStep() {
        Phrase phrase = BarsText.read("7/8(2+2+3)");
        PartRecording recording = PartRecording.after("kick / snare / . |");
        Hit kick = new Hit(Kit.KICK, Stroke.NORMAL);
        recording = recording.then(new Step(List.of(kick), 2)).together(new Hit(Kit.RIDE, Stroke.ACCENT));
        assertThat(recording.text(phrase, NamedVoices.KIT)).isEqualTo("kick / snare / . |\nkick+>ride . / . / .");
        recording = recording
                .together(kick)
                .then(new Step(List.of(), 2))
                .then(new Step(List.of(new Hit(Kit.SNARE, Stroke.NORMAL)), 1));
        assertThat(recording.text(phrase, NamedVoices.KIT)).endsWith("\nkick+>ride . / snare / .");
        assertThat(recording.back().back().back().back().text(phrase, NamedVoices.KIT))
                .isEqualTo("kick / snare / .");
        assertThat(PartRecording.after("").text(phrase, NamedVoices.KIT)).isEmpty();
        assertThat(PartRecording.after("").then(new Step(List.of(kick), 1)).text(phrase, NamedVoices.KIT))
                .isEqualTo("kick / . / .");
    }

    /** Random notes, on random divisions of the strides of random bars. */
    @Test
    void whatIsPrintedReadsBackAsTheSameNotes() {
        Random random = new Random(7);
        List<String> bars = List.of("4/4 x2", "7/8(2+2+3), 5/16(3+2)", "10/8(3+3+2+2)", "6/4+5/4", "12/8");
        for (int round = 0; round < 300; round++) {
            Phrase phrase = BarsText.read(bars.get(random.nextInt(bars.size())));
            List<Layer> layers = randomLayers(phrase, random);
            String part = PartText.write(layers, phrase, NamedVoices.KIT);
            List<Layer> read = PartText.read(part, phrase, NamedVoices.KIT);
            assertThat(byVoice(read)).as(part).isEqualTo(byVoice(layers));
        }
    }

    /** Puts each voice on one note of each stride. */
    private static List<Layer> randomLayers(Phrase phrase, Random random) {
        List<Integer> divisions = List.of(1, 2, 3, 4, 5, 6, 7, 8, 12);
        List<Dynamic> levels = List.of(Dynamic.values());
        Map<Voice, List<Placement>> notes = new LinkedHashMap<>();
        for (int number = 0; number < phrase.bars().size(); number++) {
            Bar bar = phrase.bars().get(number);
            List<NoteValue> bounds = new ArrayList<>(bar.groupStarts());
            bounds.add(bar.length());
            for (int i = 0; i + 1 < bounds.size(); i++) {
                int shares = divisions.get(random.nextInt(divisions.size()));
                NoteValue share = bounds.get(i + 1).minus(bounds.get(i)).dividedBy(shares);
                for (Voice voice : List.of(Kit.KICK, Kit.SNARE, Kit.HI_HAT)) {
                    notes.computeIfAbsent(voice, one -> new ArrayList<>())
                            .add(new Placement(
                                    number,
                                    bounds.get(i).plus(share.times(random.nextInt(shares))),
                                    Stroke.NORMAL.at(levels.get(random.nextInt(levels.size())))));
                }
            }
        }
        return notes.entrySet().stream()
                .map(voice -> Layer.of(voice.getKey(), new Placed(voice.getValue())))
                .toList();
    }

    private static List<Layer> byVoice(List<Layer> layers) {
        return layers.stream()
                .sorted(Comparator.comparing(layer -> layer.voice().name()))
                .toList();
    }
}
