package nimblestride.core.transcription.proposal;

import static nimblestride.core.language.text.Examples.bars;
import static nimblestride.core.language.text.Examples.exercise;
import static nimblestride.core.language.text.Examples.layer;
import static nimblestride.core.language.text.Examples.value;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.exercise.analysis.Sounding;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.TempoMark;
import nimblestride.core.transcription.source.Transcription;
import org.junit.jupiter.api.Test;

class ArrangementTest {
    private static ImportedSound sound(Layer layer) {
        return new ImportedSound(layer.voice().name(), Optional.of(layer.voice()));
    }

    /** What an exercise of one section plays in its first bars, as if it came from elsewhere. */
    private static List<ImportedHit> strokes(Exercise exercise, int bars) {
        List<ImportedHit> strokes = new ArrayList<>();
        for (Layer layer : exercise.layers()) {
            for (Hit hit : LayerTimeline.of(layer, exercise.phrase())
                    .between(NoteValue.ZERO, exercise.phrase().startOf(bars), 100_000)) {
                strokes.add(new ImportedHit(hit.at(), sound(layer), hit.stroke()));
            }
        }
        strokes.sort(Comparator.comparing(ImportedHit::at));
        return strokes;
    }

    private static Transcription transcription(
            Exercise exercise, int bars, List<ImportedHit> strokes, MeterSource source) {
        List<Bar> played = new ArrayList<>();
        for (int bar = 0; bar < bars; bar++) {
            played.add(exercise.phrase().bar(bar));
        }
        return new Transcription(
                "From elsewhere",
                played,
                source,
                List.of(new TempoMark(0, exercise.tempo(), Optional.empty())),
                List.of(new ImportedPart("Drums", true, strokes, Optional.empty())),
                List.of());
    }

    private static Transcription written(Exercise exercise, int bars) {
        return transcription(exercise, bars, strokes(exercise, bars), MeterSource.WRITTEN);
    }

    /** Every stroke of an exercise played through, with its moment, voice and how it is played, until an end. */
    private static Set<String> sounding(Exercise exercise, NoteValue end) {
        return Sounding.of(exercise, end, (layer, hit) -> layer.voice() + " " + hit.stroke());
    }

    private static Set<String> importedHits(Transcription transcription) {
        Set<String> importedHits = new TreeSet<>();
        transcription
                .parts()
                .get(0)
                .strokes()
                .forEach(struck -> importedHits.add(
                        struck.at() + " " + struck.sound().usual().orElseThrow() + " " + struck.stroke()));
        return importedHits;
    }

    @Provide
    static Arbitrary<List<String>> layers() {
        return Arbitraries.of(
                        "kick every 5/16",
                        "kick at 1:0 1:3/8",
                        "snare cell X.g of 1/16",
                        "snare 4 over bar",
                        "hi-hat every 1/8",
                        "cowbell 5 over phrase",
                        "ride cell x.xx. of 1/8 from 1/8")
                .list()
                .uniqueElements(typed -> typed.substring(0, typed.indexOf(' ')))
                .ofMinSize(1)
                .ofMaxSize(4);
    }

    /** Whatever repeats in it, what is taken exactly strikes just as what was brought in. */
    @Property(tries = 150)
    void notAStrokeIsChangedByWhatIsExact(
            @ForAll("layers") List<String> typed,
            @ForAll("meters") String meters,
            @ForAll @IntRange(min = 3, max = 24) int bars) {
        Exercise played = exercise(meters, typed.toArray(String[]::new));
        Transcription brought = written(played, bars);
        Arrangement arrangement = Arrangement.of(brought, ImportChoice.of(0));
        NoteValue end = played.phrase().startOf(bars);
        assertThat(sounding(arrangement.exercise(arrangement.exactOffers()), end))
                .isEqualTo(importedHits(brought));
        // Whichever of them are taken.
        for (int which = 0; which < 1 << Math.min(3, arrangement.exactOffers().size()); which++) {
            List<Proposal> some = new ArrayList<>();
            for (int i = 0; i < arrangement.exactOffers().size(); i++) {
                if ((which >> i & 1) == 1) {
                    some.add(arrangement.exactOffers().get(i));
                }
            }
            assertThat(sounding(arrangement.exercise(some), end)).isEqualTo(importedHits(brought));
        }
    }

    @Provide
    static Arbitrary<String> meters() {
        return Arbitraries.of("7/8", "5/8, 9/16", "4/4", "11/8(3+3+3+2), 9/16, 5/8", "10/8, 10/8, 9/16");
    }

    /** The worked example of the arithmetic: five sixteenths over 10/8, 10/8, 9/16 is back after 15 bars. */
    @Test
    void aCycleAcrossTheBarsIsALayerAndTheBarsAreThePhrase() {
        Exercise played = exercise("10/8, 10/8, 9/16", "kick every 5/16", "snare at 1:0 2:5/8 3:1/4");
        Arrangement arrangement = Arrangement.of(written(played, 15), ImportChoice.of(0));
        Exercise taken = arrangement.exercise(arrangement.exactOffers());
        assertThat(taken.layers()).containsExactlyInAnyOrderElementsOf(played.layers());
        assertThat(taken.phrase().bars()).isEqualTo(played.phrase().bars());
        assertThat(arrangement.offers().stream().map(Proposal::said))
                .contains("kick: a hit every 5/16, 49 times.", "The phrase is 3 bars, 5 times.");
        assertThat(arrangement.offers())
                .allMatch(offer -> offer.sureness().said().equals("sure"));
    }

    @Test
    void aVariedLastTimeBecomesASectionOfItsOwn() {
        Exercise played = exercise("7/8 x4", "kick at 1:0 2:0 3:0 4:0 4:1/2", "hi-hat every 1/8");
        List<ImportedHit> strokes = strokes(played, 16);
        strokes.add(new ImportedHit(
                played.phrase().startOf(15).plus(value("3/4")), sound(layer("snare every 1/4")), Stroke.ACCENT));
        Transcription brought = transcription(played, 16, strokes, MeterSource.WRITTEN);
        Arrangement arrangement = Arrangement.of(brought, ImportChoice.of(0));
        Proposal phrase = arrangement.offers().stream()
                .filter(Proposal.AsPhrase.class::isInstance)
                .findFirst()
                .orElseThrow();
        assertThat(phrase.said()).isEqualTo("The phrase is 4 bars, 4 times; the last one differs.");
        assertThat(phrase.isExact()).isFalse();
        Exercise taken = arrangement.exercise(arrangement.offers());
        assertThat(taken.sections()).hasSize(2);
        assertThat(taken.sections().get(0).rounds()).isEqualTo(3);
        assertThat(sounding(taken, played.phrase().startOf(16))).isEqualTo(importedHits(brought));
    }

    @Test
    void aMeterNobodyNamedIsProposedAndTaken() {
        Exercise played = exercise("11/8(3+3+3+2)", "kick at 1:0 1:3/4", "snare at 1:3/8 1:9/8", "ride every 1/8");
        Exercise inFour = exercise("4/4", "ride every 1/8");
        Transcription brought = transcription(inFour, 11, strokes(played, 8), MeterSource.NONE);
        List<MeterProposal> proposals = Arrangement.meters(brought, ImportChoice.of(0));
        assertThat(proposals.get(0).bars()).isEqualTo(bars("11/8(3+3+3+2)").bars());
        Arrangement arrangement = Arrangement.of(brought, ImportChoice.of(0).in(proposals.get(0)));
        Exercise taken = arrangement.exercise(arrangement.exactOffers());
        assertThat(taken.phrase().bars()).isEqualTo(played.phrase().bars());
        assertThat(taken.layers()).containsExactlyInAnyOrderElementsOf(played.layers());
        assertThat(Arrangement.meters(written(played, 8), ImportChoice.of(0))).isEmpty();
    }

    /** What is taken of it where it goes from 84 to 112 at a bar. */
    private static Exercise withFasterFrom(Transcription still, int bar) {
        Transcription brought = new Transcription(
                "Gears",
                still.bars(),
                MeterSource.WRITTEN,
                List.of(
                        new TempoMark(0, Tempo.ofQuarters(84), Optional.empty()),
                        new TempoMark(bar, Tempo.ofQuarters(112), Optional.empty())),
                still.parts(),
                List.of());
        Arrangement arrangement = Arrangement.of(brought, ImportChoice.of(0));
        return arrangement.exercise(arrangement.exactOffers());
    }

    @Test
    void changesOfTempoAreSectionsWithTheirModulations() {
        Exercise played = exercise("4/4", "snare every 1/4");
        Transcription still = written(played, 8);
        Exercise taken = withFasterFrom(still, 4);
        assertThat(taken.chain().tempos()).containsExactly(Tempo.ofQuarters(84), Tempo.ofQuarters(112));
        assertThat(sounding(taken, NoteValue.of(8, 1))).isEqualTo(importedHits(still));
    }

    /** A layer that runs on across bars left over, before the tempo changes: it does not begin anew there. */
    @Test
    void barsLeftOverBeforeAChangeOfTempoKeepTheirStrokes() {
        Exercise played = exercise("4/4 x2", "kick every 5/16", "snare at 1:1/4 2:1/2");
        Transcription still = written(played, 9);
        Exercise taken = withFasterFrom(still, 5);
        assertThat(taken.hasSections()).isTrue();
        assertThat(sounding(taken, NoteValue.ZERO)).isEqualTo(importedHits(still));
    }

    @Test
    void soundsMayStandForOtherVoicesOrForNone() {
        List<ImportedHit> strokes = List.of(
                new ImportedHit(NoteValue.ZERO, ImportedSound.ofKey(27), Stroke.NORMAL),
                new ImportedHit(NoteValue.QUARTER, ImportedSound.ofKey(38), Stroke.ACCENT),
                new ImportedHit(NoteValue.QUARTER, ImportedSound.ofKey(40), Stroke.GHOST));
        Transcription brought = transcription(exercise("4/4"), 1, strokes, MeterSource.WRITTEN);
        Arrangement usual = Arrangement.of(brought, ImportChoice.of(0));
        assertThat(usual.leftOut())
                .containsExactly(
                        "No voice chosen for key 27 (1 hit).",
                        "1 hit fell on another hit of the same voice; the louder one stays.");
        assertThat(usual.exercise(List.of()).layers()).containsExactly(layer("snare at >1:1/4"));
        ImportChoice other = ImportChoice.of(0).with("key 27", Kit.COWBELL).without("key 38");
        assertThat(Arrangement.of(brought, other).exercise(List.of()).layers().stream()
                        .map(layer -> layer.voice().name()))
                .containsExactly("cowbell", "snare");
        ImportChoice none = other.without("key 27").without("key 40");
        assertThatThrownBy(() -> Arrangement.of(brought, none))
                .hasMessageContaining("no sound in \"Drums\" has a voice; choose one");
    }
}
