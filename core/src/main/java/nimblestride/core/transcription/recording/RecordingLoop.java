package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.transcription.recording.UnitFinder.Unit;

/**
 * A short recording taken as a loop: when it is over, it starts again, so its length is a whole number of units.
 *
 * @param hits of one round
 * @param seconds of one round
 */
record RecordingLoop(List<HeardHit> hits, double seconds) {
    /** In seconds: what is longer shows by itself what repeats. */
    private static final double LONGEST = 16;
    /** How many rounds are enough to see that it repeats. */
    private static final int ROUNDS = 4;

    private static final int FEWEST_HITS = 2;
    /** How far a round may be from a whole number of bars, as a share of it. */
    private static final double WHOLE = 0.02;

    /** Returns whether a recording may be a loop. */
    static boolean maybe(List<HeardHit> hits, double seconds) {
        return seconds <= LONGEST && hits.size() >= FEWEST_HITS;
    }

    /** Returns the hits of several rounds. */
    List<HeardHit> rounds() {
        List<HeardHit> all = new ArrayList<>();
        for (int round = 0; round < ROUNDS; round++) {
            double from = round * seconds;
            hits.forEach(hit -> all.add(new HeardHit(hit.at() + from, hit.low(), hit.middle(), hit.high())));
        }
        return all;
    }

    /** Returns units of which a round is a whole number, the best first. */
    List<Unit> units() {
        return UnitFinder.dividing(rounds(), seconds);
    }

    /** Returns a proposal with the 1s of one round; empty where a round is no whole number of its bars. */
    Optional<RecordingProposal> once(RecordingProposal proposal) {
        double rounds = seconds / proposal.cycleSeconds();
        long whole = Math.round(rounds);
        if (whole < 1 || Math.abs(rounds - whole) > WHOLE * rounds) {
            return Optional.empty();
        }
        String bars = Counted.count(whole * proposal.bars().size(), "bar");
        return Optional.of(proposal.until(seconds, "as a loop, it is " + bars + " long"));
    }
}
