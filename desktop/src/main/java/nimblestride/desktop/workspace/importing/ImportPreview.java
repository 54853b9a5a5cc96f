package nimblestride.desktop.workspace.importing;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.function.Function;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.proposal.Proposal;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.desktop.document.exercise.AnalyzedExercise;

/**
 * The result of a choice.
 *
 * @param meters proposals for the real meter, best first
 * @param arrangement what repeats, and what is lost
 * @param taken the proposals accepted
 * @param answer the exercise it would become, analyzed; empty if there is a problem
 * @param problem why nothing can be imported; empty if it can
 */
record ImportPreview(
        ImportChoice choice,
        List<MeterProposal> meters,
        Optional<Arrangement> arrangement,
        List<Proposal> taken,
        Optional<AnalyzedExercise> answer,
        String problem) {
    /** Accepts the repeats that are exact, and works out the result. */
    static ImportPreview of(Transcription source, ImportChoice choice) {
        return of(source, choice, Arrangement::exactOffers);
    }

    /** Accepts some of the proposed repeats, and works out the result. */
    static ImportPreview of(Transcription source, ImportChoice choice, List<Proposal> taken) {
        return of(source, choice, found -> found.offers().stream()
                .filter(offer -> taken.stream()
                        .anyMatch(one -> one.said().equals(offer.said()) && one.passage() == offer.passage()))
                .toList());
    }

    private static ImportPreview of(
            Transcription source, ImportChoice choice, Function<Arrangement, List<Proposal>> accepted) {
        List<MeterProposal> meters = List.of();
        Optional<Arrangement> arrangement = Optional.empty();
        List<Proposal> taken = List.of();
        try {
            meters = Arrangement.meters(source, choice);
            Arrangement found = Arrangement.of(source, choice);
            arrangement = Optional.of(found);
            taken = accepted.apply(found);
            Exercise exercise = found.exercise(taken);
            return new ImportPreview(
                    choice, meters, arrangement, taken, Optional.of(AnalyzedExercise.of(exercise)), "");
        } catch (CancellationException e) {
            throw e;
        } catch (StrideException e) {
            return new ImportPreview(choice, meters, arrangement, taken, Optional.empty(), e.getMessage());
        }
    }
}
