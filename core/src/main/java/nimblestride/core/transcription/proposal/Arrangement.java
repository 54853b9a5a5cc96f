package nimblestride.core.transcription.proposal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.repetition.MeterFinder;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.repetition.VoiceLine;
import nimblestride.core.transcription.source.MeterSource;
import nimblestride.core.transcription.source.Transcription;

/**
 * What a part of a transcription can become: the repeats found in it, the meters it may be in, and the exercise with
 * the repeats that are taken. No hit is lost, except where a repeat that is only nearly one is taken.
 */
public final class Arrangement {
    private final Transcription source;
    private final List<Passage> passages;
    private final List<Proposal> offers;
    private final List<String> leftOut;

    private Arrangement(Transcription source, List<Passage> passages, List<String> leftOut) {
        this.source = source;
        this.passages = passages;
        this.leftOut = leftOut;
        this.offers = IntStream.range(0, passages.size())
                .boxed()
                .flatMap(i -> new ProposalFinder(passages.get(i), i).all().stream())
                .toList();
    }

    /**
     * Finds the repeats of a part.
     *
     * @throws InvalidValueException if no sound of the part stands for a voice
     */
    public static Arrangement of(Transcription source, ImportChoice choice) {
        PassageSplitter cut = new PassageSplitter(source, choice);
        if (cut.isEmpty()) {
            throw new InvalidValueException(
                    "no sound in \"" + source.parts().get(choice.part()).name() + "\" has a voice; choose one");
        }
        List<Passage> passages = cut.all();
        Arrangement whole = new Arrangement(source, passages, leftOutOf(source, choice, cut));
        if (passages.size() > 1 && !whole.isPlayable()) {
            cut.leftOut().add(PassageSplitter.changesLeftOut(passages.size() - 1));
            return new Arrangement(source, List.of(cut.whole()), leftOutOf(source, choice, cut));
        }
        return whole;
    }

    private static List<String> leftOutOf(Transcription source, ImportChoice choice, PassageSplitter cut) {
        List<String> leftOut = new ArrayList<>(source.leftOut());
        source.parts().get(choice.part()).played().ifPresent(played -> leftOut.add(played.said()));
        leftOut.addAll(cut.leftOut());
        return List.copyOf(leftOut);
    }

    private boolean isPlayable() {
        try {
            return exercise(exactOffers()).sections().size() >= 1;
        } catch (StrideException e) {
            return false;
        }
    }

    /**
     * Returns the meters the part may be in, best first, where the file names none or 4/4 throughout; none where it
     * names others.
     */
    public static List<MeterProposal> meters(Transcription source, ImportChoice choice) {
        if (source.meters() == MeterSource.WRITTEN) {
            return List.of();
        }
        List<VoiceLine> lines =
                new PassageSplitter(source, choice.inOwnBars()).whole().lines();
        return lines.isEmpty() ? List.of() : MeterFinder.of(lines);
    }

    /**
     * Returns the default choice: the likeliest part, in the bars the file names or, where it names none, in those
     * that are sure.
     *
     * @param voices what sounds stand for, where that is not the default voice
     */
    public static ImportChoice likeliest(Transcription source, Map<String, Optional<Voice>> voices) {
        ImportChoice choice = new ImportChoice(source.likeliestPart(), voices, Optional.empty());
        return source.meters() == MeterSource.NONE
                ? meters(source, choice).stream()
                        .filter(MeterProposal::isSure)
                        .findFirst()
                        .map(choice::in)
                        .orElse(choice)
                : choice;
    }

    /** Returns what repeats, best first in each passage. */
    public List<Proposal> offers() {
        return offers;
    }

    /** Returns the proposals that change no hit, which are taken by default. */
    public List<Proposal> exactOffers() {
        return offers.stream().filter(Proposal::isExact).toList();
    }

    /** Returns what did not come across, and how hits were put on a grid, in sentences. */
    public List<String> leftOut() {
        return leftOut;
    }

    /**
     * Builds the exercise with some proposals taken.
     *
     * @throws InvalidValueException if it has more sections than an exercise may have
     */
    public Exercise exercise(Collection<? extends Proposal> taken) {
        List<SectionContent> contents = new ArrayList<>();
        List<Section> sections = new ArrayList<>();
        Optional<Tempo> before = Optional.empty();
        for (int i = 0; i < passages.size(); i++) {
            int number = i;
            Passage passage = passages.get(i);
            PassageBuilder taking = new PassageBuilder(
                    passage,
                    taken.stream().filter(offer -> offer.passage() == number).toList());
            Pivot entered = before.map(tempo -> pivot(passage, tempo)).orElse(Pivot.NONE);
            for (PassageBuilder.Turn turn : taking.turns(passages.size() == 1)) {
                sections.add(new Section(contentOf(turn, contents), turn.rounds(), entered));
                entered = Pivot.NONE;
            }
            before = Optional.of(passage.tempo());
        }
        String title = source.title();
        String name = title.length() > Exercise.MAX_NAME_LENGTH ? title.substring(0, Exercise.MAX_NAME_LENGTH) : title;
        return new Exercise(
                name,
                contents,
                0,
                passages.get(0).tempo(),
                sections,
                PlayingStyle.DEFAULT,
                PracticePlan.NONE,
                NamedVoices.KIT,
                Optional.empty());
    }

    private static int contentOf(PassageBuilder.Turn turn, List<SectionContent> contents) {
        for (int i = 0; i < contents.size(); i++) {
            if (contents.get(i).phrase().equals(turn.phrase())
                    && contents.get(i).layers().equals(turn.layers())) {
                return i;
            }
        }
        contents.add(new SectionContent(name(contents.size()), turn.phrase(), turn.layers()));
        return contents.size() - 1;
    }

    /** Returns A to Z, then A2. */
    private static String name(int number) {
        int letters = 'Z' - 'A' + 1;
        return (char) ('A' + number % letters) + (number < letters ? "" : String.valueOf(number / letters + 1));
    }

    /** Returns the pivot that is written, where it makes just this change; otherwise the plainest that does. */
    private static Pivot pivot(Passage passage, Tempo before) {
        return Pivot.toward(before, passage.tempo(), passage.entered().stream().toList());
    }
}
