package nimblestride.core.transcription.recording;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.value.NoteValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecordingMetersTest {
    /** What a player does with each unit of a bar: k kick, s snare, h hi-hat, . nothing. */
    private static List<HeardHit> played(String bar, int bars, double unit, double spread, double drift) {
        Random random = new Random(5);
        List<HeardHit> hits = new ArrayList<>();
        double at = 0.4;
        for (int i = 0; i < bars * bar.length(); i++) {
            char what = bar.charAt(i % bar.length());
            if (what != '.') {
                hits.add(new HeardHit(
                        Math.max(0, at + spread * random.nextGaussian()),
                        what == 'k' ? 1 : 0.1,
                        what == 's' ? 1 : 0.1,
                        what == 'h' ? 0.8 : 0.4));
            }
            at += unit * (1 + drift * i / (bars * bar.length()));
        }
        hits.sort(Comparator.comparingDouble(HeardHit::at));
        return hits;
    }

    /** Listens to hits in a recording too long for a loop. */
    private static List<RecordingProposal> found(List<HeardHit> hits, KnownAbout known) {
        return RecordingMeters.of(hits, 60, known);
    }

    /** With a spread of 10 ms, the bar that was played comes first, or as often as it repeats. */
    @ParameterizedTest
    @CsvSource({
        "khshsh.,7/8,0.25",
        "khhshhkhhsh,11/8,0.2",
        "kshsh,5/8,0.3",
        "khshkhshh,9/8,0.22",
        "khshkshkhskhs,13/8,0.24",
        "khhshhsh.h,10/8,0.23"
    })
    void theBarThatWasPlayedComesFirst(String bar, String meter, double unit) {
        List<RecordingProposal> proposals = found(played(bar, 14, unit, 0.010, 0), KnownAbout.NOTHING);
        RecordingProposal first = proposals.get(0);
        assertThat(first.phrase().length()).isEqualTo(BarsText.read(meter).length());
        assertThat(first.tempo()).isCloseTo(30 / unit, within(0.5));
        assertThat(first.unit()).isEqualTo(NoteValue.of(1, 8));
        assertThat(first.sure()).isIn("sure", "likely");
        assertThat(proposals).hasSizeLessThanOrEqualTo(RecordingMeters.MAX_PROPOSED);
        assertThat(proposals)
                .isSortedAccordingTo(
                        Comparator.comparingDouble(RecordingProposal::sureness).reversed());
    }

    /** The tempo drifts by 5 %, and each 1 is found within 20 ms of where it was played. */
    @Test
    void theOnesFollowATempoThatDrifts() {
        String bar = "khhshhkhhsh";
        List<Double> ones =
                found(played(bar, 20, 0.2, 0, 0.05), KnownAbout.NOTHING).get(0).ones();
        double at = 0.4;
        for (int i = 0; i < 20 * bar.length(); i++) {
            if (i % bar.length() == 0) {
                assertThat(ones.get(i / bar.length())).isCloseTo(at, within(0.020));
            }
            at += 0.2 * (1 + 0.05 * i / (20 * bar.length()));
        }
    }

    @Test
    void whatIsKnownIsTaken() {
        List<HeardHit> hits = played("khshsh.", 14, 0.25, 0.005, 0);
        KnownAbout bars = new KnownAbout(Optional.of(BarsText.read("3/4, 4/4")), OptionalDouble.empty(), List.of());
        assertThat(found(hits, bars)).isNotEmpty().allMatch(proposal -> BarsText.write(proposal.phrase())
                .equals("3/4, 4/4"));
        KnownAbout slow = new KnownAbout(Optional.empty(), OptionalDouble.of(60), List.of());
        assertThat(found(hits, slow).get(0).tempo()).isCloseTo(60, within(1.0));
        assertThat(BarsText.write(found(hits, slow).get(0).phrase())).startsWith("7/16");
        KnownAbout wrong = new KnownAbout(Optional.empty(), OptionalDouble.of(83), List.of());
        assertThat(found(hits, wrong)).isEmpty();
    }

    /** Two light hits lead in: the bar starts with the kick all the same. */
    @Test
    void aPickupIsNotThe1() {
        List<HeardHit> hits = new ArrayList<>();
        hits.add(new HeardHit(0.35, 0.1, 0.3, 0.6));
        hits.add(new HeardHit(0.60, 0.1, 0.3, 0.6));
        played("khshsh.", 14, 0.25, 0.004, 0)
                .forEach(hit -> hits.add(new HeardHit(hit.at() + 0.45, hit.low(), hit.middle(), hit.high())));
        RecordingProposal first = found(hits, KnownAbout.NOTHING).get(0);
        assertThat(first.phrase().length()).isEqualTo(NoteValue.of(7, 8));
        assertThat(first.ones().get(0)).isCloseTo(0.85, within(0.015));
    }

    /** Three hits lead in, and whoever taps the 1s does so 20 ms late: the bars start with the taps. */
    @Test
    void tapsOnThe1sSayWhereBarsStart() {
        List<HeardHit> hits = new ArrayList<>();
        for (double at : new double[] {0.1, 0.35, 0.6}) {
            hits.add(new HeardHit(at, 0.1, 1, 0.4));
        }
        played("khshsh.", 14, 0.25, 0.004, 0)
                .forEach(hit -> hits.add(new HeardHit(hit.at() + 0.45, hit.low(), hit.middle(), hit.high())));
        double bar = 7 * 0.25;
        List<Double> taps = List.of(0.87, 0.85 + bar, 0.88 + 2 * bar);
        RecordingProposal first = found(hits, new KnownAbout(Optional.empty(), OptionalDouble.empty(), taps))
                .get(0);
        assertThat(first.phrase().length()).isEqualTo(NoteValue.of(7, 8));
        assertThat(first.ones().get(0)).isCloseTo(0.85, within(0.015));
        assertThat(first.exerciseTempo().quartersPerMinute().doubleValue()).isCloseTo(120, within(0.5));
        assertThat(first.beats().secondsAt(0)).isCloseTo(0.85, within(0.015));
        assertThat(first.beats().secondsAt(2 * 7 / 8.0)).isCloseTo(0.85 + 2 * bar, within(0.015));
    }

    @Test
    void tooFewHitsAndHitsWithoutAnyOrderHaveNoMeter() {
        assertThat(found(List.of(), KnownAbout.NOTHING)).isEmpty();
        assertThat(found(played("khs", 1, 0.3, 0, 0), KnownAbout.NOTHING)).isEmpty();
        Random random = new Random(3);
        List<HeardHit> rain = new ArrayList<>();
        double at = 0;
        for (int i = 0; i < 300; i++) {
            at += 0.05 + random.nextExponential() * 0.2;
            rain.add(new HeardHit(at, random.nextDouble(), random.nextDouble(), random.nextDouble()));
        }
        assertThat(found(rain, KnownAbout.NOTHING))
                .allMatch(proposal -> proposal.sure().equals("perhaps"));
    }

    /** A rest of ten seconds in the middle: bars go on after it. */
    @Test
    void aLongRestIsCounted() {
        List<HeardHit> hits = new ArrayList<>(played("khshsh.", 8, 0.25, 0, 0));
        for (HeardHit hit : played("khshsh.", 8, 0.25, 0, 0)) {
            hits.add(new HeardHit(hit.at() + 7 * 0.25 * 14, hit.low(), hit.middle(), hit.high()));
        }
        RecordingProposal first = found(hits, KnownAbout.NOTHING).get(0);
        assertThat(first.phrase().length()).isEqualTo(BarsText.read("7/8").length());
        assertThat(first.ones()).hasSizeGreaterThanOrEqualTo(21).allMatch(Double::isFinite);
        assertThat(first.ones().get(14)).isCloseTo(0.4 + 14 * 7 * 0.25, within(0.02));
    }

    /** One bar of a loop repeats nothing by itself; its length says how it goes on. */
    @Test
    void aLoopGoesOnWhenItIsOver() {
        List<HeardHit> hits = new ArrayList<>();
        played("khshhsk.hsh", 1, 0.2, 0.003, 0)
                .forEach(hit -> hits.add(new HeardHit(hit.at() - 0.38, hit.low(), hit.middle(), hit.high())));
        assertThat(found(hits, KnownAbout.NOTHING))
                .allMatch(proposal -> !proposal.phrase().length().equals(NoteValue.of(11, 8)));
        RecordingProposal first =
                RecordingMeters.of(hits, 11 * 0.2, KnownAbout.NOTHING).get(0);
        assertThat(first.phrase().length()).isEqualTo(NoteValue.of(11, 8));
        assertThat(first.tempo()).isCloseTo(150, within(0.01));
        assertThat(first.ones()).hasSize(1);
        assertThat(first.why()).isEqualTo("as a loop, it is 1 bar long");
    }

    /** Where the tempo bends and hits are far apart, a 1 stays near its hit. */
    @Test
    void fewHitsFollowATempoThatBends() {
        List<HeardHit> hits = new ArrayList<>();
        List<Double> ones = new ArrayList<>();
        double at = 0.3;
        for (int beat = 0; beat < 45; beat++) {
            boolean one = beat % 5 == 0;
            if (one) {
                ones.add(at);
            }
            hits.add(new HeardHit(at, one ? 1 : 0.1, beat % 5 == 3 ? 1 : 0.2, 0.5));
            at += 0.53 * (1 + 0.05 * Math.sin(2 * Math.PI * beat / 45));
        }
        List<Double> found = found(hits, KnownAbout.NOTHING).get(0).ones();
        for (double one : ones) {
            assertThat(found).anySatisfy(each -> assertThat(each).isCloseTo(one, within(0.010)));
        }
    }
}
