package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.Choice;
import nimblestride.core.transcription.proposal.Offer;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.desktop.document.exercise.Answer;

/**
 * What would come of a choice.
 *
 * @param meters proposals for the real meter, best first
 * @param arrangement what repeats, and what does not come across
 * @param taken what of that is taken
 * @param answer the exercise that would be taken, and what follows from it; empty where there is a problem
 * @param problem why nothing can be taken; empty where it can
 */
record Preview(
        Choice choice,
        List<MeterProposal> meters,
        Optional<Arrangement> arrangement,
        List<Offer> taken,
        Optional<Answer> answer,
        String problem) {
    /** @param taken empty for what is exact */
    static Preview of(Transcription source, Choice choice, Optional<List<Offer>> taken) {
        List<MeterProposal> meters = List.of();
        Optional<Arrangement> arrangement = Optional.empty();
        try {
            meters = Arrangement.meters(source, choice);
            Arrangement found = Arrangement.of(source, choice);
            arrangement = Optional.of(found);
            List<Offer> wanted = new ArrayList<>(found.exactOffers());
            taken.ifPresent(chosen -> {
                wanted.clear();
                found.offers().stream()
                        .filter(offer -> chosen.stream()
                                .anyMatch(one -> one.said().equals(offer.said()) && one.passage() == offer.passage()))
                        .forEach(wanted::add);
            });
            Exercise exercise = found.exercise(wanted);
            return new Preview(choice, meters, arrangement, wanted, Optional.of(Answer.to(exercise)), "");
        } catch (CancellationException e) {
            throw e;
        } catch (StrideException e) {
            return new Preview(choice, meters, arrangement, taken.orElse(List.of()), Optional.empty(), e.getMessage());
        }
    }
}
