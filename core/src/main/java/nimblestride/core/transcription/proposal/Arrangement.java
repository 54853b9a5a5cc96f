package nimblestride.core.transcription.proposal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Feel;
import nimblestride.core.exercise.model.Manner;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.plan.Practice;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.kit.voice.Voices;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.repetition.Line;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.repetition.MeterProposals;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.Transcription;

/**
 * What a part of a transcription can become: the repeats found in it, the meters it may be in, and the exercise with those of
 * them that are taken. Not a stroke is lost but where a repeat that is only nearly one is taken.
 */
public final class Arrangement {
    private final Transcription source;
    private final List<Passage> passages;
    private final List<Offer> offers;
    private final List<String> leftOut;

    private Arrangement(Transcription source, List<Passage> passages, List<String> leftOut) {
        this.source = source;
        this.passages = passages;
        this.leftOut = leftOut;
        this.offers = IntStream.range(0, passages.size())
                .boxed()
                .flatMap(i -> new Offers(passages.get(i), i).all().stream())
                .toList();
    }

    /** @throws InvalidValueException if no sound of the part stands for a voice */
    public static Arrangement of(Transcription source, Choice choice) {
        Passages cut = new Passages(source, choice);
        if (cut.isEmpty()) {
            throw new InvalidValueException(
                    "no sound of \"" + source.parts().get(choice.part()).name() + "\" stands for a voice; name one");
        }
        List<Passage> passages = cut.all();
        Arrangement whole = new Arrangement(source, passages, told(source, choice, cut));
        if (passages.size() > 1 && !whole.isPlayable()) {
            cut.leftOut().add(Passages.changesLeftOut(passages.size() - 1));
            return new Arrangement(source, List.of(cut.whole()), told(source, choice, cut));
        }
        return whole;
    }

    private static List<String> told(Transcription source, Choice choice, Passages cut) {
        List<String> told = new ArrayList<>(source.leftOut());
        source.parts().get(choice.part()).played().ifPresent(played -> told.add(played.said()));
        told.addAll(cut.leftOut());
        return List.copyOf(told);
    }

    private boolean isPlayable() {
        try {
            return exercise(exactOffers()).sections().size() >= 1;
        } catch (StrideException e) {
            return false;
        }
    }

    /**
     * The meters the part may be in, best first, where the file names none or 4/4 throughout; none where it names others.
     */
    public static List<MeterProposal> meters(Transcription source, Choice choice) {
        if (source.meters() == MeterSource.WRITTEN) {
            return List.of();
        }
        List<Line> lines =
                new Passages(source, choice.in(Optional.empty())).whole().lines();
        return lines.isEmpty() ? List.of() : MeterProposals.of(lines);
    }

    /**
     * What is chosen where nobody has: the likeliest part, in the bars the file names or, where it names none, those that are sure.
     *
     * @param voices what sounds stand for, where that is not the usual voice
     */
    public static Choice likeliest(Transcription source, Map<String, Optional<Voice>> voices) {
        Choice choice = new Choice(source.likeliestPart(), voices, Optional.empty());
        return source.meters() == MeterSource.NONE
                ? choice.in(meters(source, choice).stream()
                        .filter(MeterProposal::isSure)
                        .findFirst())
                : choice;
    }

    /** What repeats, best first in each passage. */
    public List<Offer> offers() {
        return offers;
    }

    /** Those by which not a stroke is changed: they are taken where nobody says otherwise. */
    public List<Offer> exactOffers() {
        return offers.stream().filter(Offer::isExact).toList();
    }

    /** What has not come across, and how what was played was put on a grid, in sentences. */
    public List<String> leftOut() {
        return leftOut;
    }

    /**
     * The exercise, with these repeats taken as such.
     *
     * @throws InvalidValueException if it has more feels or sections than an exercise may
     */
    public Exercise exercise(Collection<? extends Offer> taken) {
        List<Feel> feels = new ArrayList<>();
        List<Section> sections = new ArrayList<>();
        Optional<Tempo> before = Optional.empty();
        for (int i = 0; i < passages.size(); i++) {
            int number = i;
            Passage passage = passages.get(i);
            Taking taking = new Taking(
                    passage,
                    taken.stream().filter(offer -> offer.passage() == number).toList());
            Pivot entered = before.map(tempo -> pivot(passage, tempo)).orElse(Pivot.NONE);
            for (Taking.Turn turn : taking.turns(passages.size() == 1)) {
                sections.add(new Section(feelOf(turn, feels), turn.rounds(), entered));
                entered = Pivot.NONE;
            }
            before = Optional.of(passage.tempo());
        }
        String title = source.title();
        String name = title.length() > Exercise.LONGEST_NAME ? title.substring(0, Exercise.LONGEST_NAME) : title;
        return new Exercise(name, feels, 0, passages.get(0).tempo(), sections, Manner.USUAL, Practice.NONE, Voices.KIT);
    }

    private static int feelOf(Taking.Turn turn, List<Feel> feels) {
        for (int i = 0; i < feels.size(); i++) {
            if (feels.get(i).phrase().equals(turn.phrase())
                    && feels.get(i).layers().equals(turn.layers())) {
                return i;
            }
        }
        feels.add(new Feel(name(feels.size()), turn.phrase(), turn.layers()));
        return feels.size() - 1;
    }

    /** A to Z, then A2. */
    private static String name(int number) {
        int letters = 'Z' - 'A' + 1;
        return (char) ('A' + number % letters) + (number < letters ? "" : String.valueOf(number / letters + 1));
    }

    /** What is written, where it says just this change; otherwise the plainest pivot that does. */
    private static Pivot pivot(Passage passage, Tempo before) {
        return Pivot.toward(before, passage.tempo(), passage.entered().stream().toList());
    }
}
