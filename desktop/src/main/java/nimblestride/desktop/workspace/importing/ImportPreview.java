package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
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
    /**
     * Works out the result.
     *
     * @param taken proposals accepted; empty for those that repeat exactly
     */
    static ImportPreview of(Transcription source, ImportChoice choice, Optional<List<Proposal>> taken) {
        List<MeterProposal> meters = List.of();
        Optional<Arrangement> arrangement = Optional.empty();
        try {
            meters = Arrangement.meters(source, choice);
            Arrangement found = Arrangement.of(source, choice);
            arrangement = Optional.of(found);
            List<Proposal> wanted = new ArrayList<>(found.exactOffers());
            taken.ifPresent(chosen -> {
                wanted.clear();
                found.offers().stream()
                        .filter(offer -> chosen.stream()
                                .anyMatch(one -> one.said().equals(offer.said()) && one.passage() == offer.passage()))
                        .forEach(wanted::add);
            });
            Exercise exercise = found.exercise(wanted);
            return new ImportPreview(
                    choice, meters, arrangement, wanted, Optional.of(AnalyzedExercise.of(exercise)), "");
        } catch (CancellationException e) {
            throw e;
        } catch (StrideException e) {
            return new ImportPreview(
                    choice, meters, arrangement, taken.orElse(List.of()), Optional.empty(), e.getMessage());
        }
    }
}
