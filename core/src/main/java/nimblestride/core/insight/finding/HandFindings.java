package nimblestride.core.insight.finding;

import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.insight.fact.HandsFact;
import nimblestride.core.insight.fact.LookedAt;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** Finds what the hands and feet must do, as soon as limbs are put on counts or limits are set. */
final class HandFindings {
    /** Bars looked at when it takes longer to realign; a longer phrase is, up to {@link #MAX_PHRASE_LENGTH} bars. */
    private static final long MAX_BARS = 64;

    private static final int MAX_PHRASE_LENGTH = 256;
    private static final int ORDINARY_RUN = 2;

    private final Exercise exercise;
    private final Phrase phrase;
    private final Analysis analysis;
    private final LimbAssignment hands;
    private final long bars;
    private final List<Finding> findings = new ArrayList<>();

    private HandFindings(Analysis analysis) {
        this.analysis = analysis;
        this.exercise = analysis.exercise();
        this.phrase = exercise.phrase();
        long home = analysis.together().result().map(Analysis.Together::bars).orElse(MAX_BARS);
        this.bars = home <= MAX_BARS
                ? home
                : Math.max(MAX_BARS, Math.min(MAX_PHRASE_LENGTH, phrase.bars().size()));
        this.hands = analysis.hands(bars);
    }

    static List<Finding> of(Analysis analysis) {
        boolean asked = !Objects.equals(analysis.exercise().playingStyle(), PlayingStyle.DEFAULT);
        boolean placed = analysis.exercise().layers().stream().anyMatch(HandFindings::namesLimbs);
        return asked || placed ? new HandFindings(analysis).find() : List.of();
    }

    private static boolean namesLimbs(Layer layer) {
        return layer.pattern() instanceof Pattern.Stuck || layer.pattern() instanceof Pattern.Placed;
    }

    private List<Finding> find() {
        findOverview();
        findTogether();
        findClashes();
        findSpeed();
        findOnes();
        return findings;
    }

    /** Finds what is worth knowing first: a 1 that changes hands, and a long run of one hand. */
    private void findOverview() {
        List<HandsFact.Lead> leads = new ArrayList<>();
        int first = -1;
        for (int i = 0; i < exercise.layers().size(); i++) {
            if (exercise.layers().get(i).pattern() instanceof Pattern.Stuck stuck) {
                HandsFact.Lead lead = lead(i, stuck);
                if (lead.ones().size() > 1) {
                    first = leads.isEmpty() ? i : first;
                    leads.add(lead);
                }
            }
        }
        Optional<LimbAssignment.Run> run = longRun();
        if (!leads.isEmpty() || run.isPresent()) {
            NoteValue at = leads.isEmpty() ? run.orElseThrow().from() : NoteValue.ZERO;
            findings.add(Finding.at(
                    first, at, new HandsFact.Overview(leads, run.map(one -> new HandsFact.Run(one, phrase)))));
        }
    }

    private LookedAt lookedAt() {
        return new LookedAt(bars, bars >= phrase.bars().size());
    }

    /** Returns which hand has the 1 of each bar, and the accents. */
    private HandsFact.Lead lead(int index, Pattern.Stuck stuck) {
        Map<Limb, List<Long>> ones = new EnumMap<>(Limb.class);
        for (long bar = 0; bar < bars; bar++) {
            long number = bar;
            hands.of(index, phrase.startOf(bar)).ifPresent(limb -> ones.computeIfAbsent(limb, one -> new ArrayList<>())
                    .add(number));
        }
        List<Optional<Limb>> groups = phrase.bars().get(0).groupStarts().stream()
                .map(start -> hands.of(index, start))
                .toList();
        Map<Limb, Long> accents = stuck.sticking().strokes().stream()
                .filter(stroke -> stroke.level().isAccent())
                .collect(Collectors.groupingBy(
                        stroke -> stroke.limb().orElseThrow(), () -> new EnumMap<>(Limb.class), Collectors.counting()));
        return new HandsFact.Lead(name(index), ones, groups, accents, lookedAt());
    }

    private void findTogether() {
        List<NoteValue> together = hands.together();
        if (exercise.playingStyle().linear() && !together.isEmpty()) {
            NoteValue first = together.get(0);
            findings.add(new Finding(
                    new HandsFact.NotLinear(together.size(), first, phrase, lookedAt()),
                    Optional.of(new Finding.Place(-1, first)),
                    Optional.of(new Fix(
                            new Remedy.AllowTogether(),
                            exercise.withPlayingStyle(exercise.playingStyle().linear(false))))));
        }
    }

    private void findClashes() {
        Map<Limb, List<LimbAssignment.Clash>> clashes = hands.clashes().stream()
                .collect(Collectors.groupingBy(
                        LimbAssignment.Clash::limb, () -> new EnumMap<>(Limb.class), Collectors.toList()));
        clashes.forEach((limb, ofLimb) -> {
            LimbAssignment.Clash first = ofLimb.get(0);
            List<String> voices = first.notes().stream()
                    .map(note -> note.voice().name())
                    .distinct()
                    .toList();
            findings.add(Finding.at(
                    first.notes().get(0).layer(),
                    first.at(),
                    new HandsFact.AskedTwice(limb, voices, first.at(), ofLimb.size(), phrase, lookedAt())));
        });
    }

    private Optional<LimbAssignment.Run> longRun() {
        Optional<NoteValue> step = exercise.layers().stream()
                .map(Layer::pattern)
                .filter(Pattern.Stuck.class::isInstance)
                .map(pattern -> ((Pattern.Stuck) pattern).step())
                .min(NoteValue::compareTo);
        return step.flatMap(hands::longestRun).filter(run -> run.strokes() > ORDINARY_RUN);
    }

    private void findSpeed() {
        Map<Limb, LimbAssignment.Gap> gaps = new LinkedHashMap<>();
        for (Limb limb : hands.limbs()) {
            hands.shortestGap(limb).ifPresent(gap -> gaps.put(limb, gap));
        }
        if (gaps.isEmpty()) {
            return;
        }
        LimbAssignment.Gap shortest = gaps.values().stream()
                .min((one, other) -> one.length().compareTo(other.length()))
                .orElseThrow();
        Map<Limb, BigFraction> perSecond = new LinkedHashMap<>();
        gaps.forEach((limb, gap) -> perSecond.put(limb, perSecond(gap)));
        OptionalInt most = exercise.playingStyle().maxStrokesPerSecond();
        Optional<HandsFact.SpeedLimit> limit =
                most.isEmpty() ? Optional.empty() : Optional.of(limit(shortest, most.getAsInt()));
        findings.add(Finding.of(new HandsFact.Speed(perSecond, shortest.length(), limit)));
        most.ifPresent(own -> gaps.forEach((limb, gap) -> {
            if (perSecond(gap).compareTo(BigFraction.of(own)) > 0) {
                findTooFast(limb, gap, limit(gap, own));
            }
        }));
    }

    private void findTooFast(Limb limb, LimbAssignment.Gap gap, HandsFact.SpeedLimit limit) {
        int whole = limit.reachedAt().bigDecimalValue(0, RoundingMode.FLOOR).intValue();
        Optional<Fix> fix = Optional.of(whole)
                .filter(slower -> slower >= Tempo.MIN)
                .map(slower -> new Tempo(exercise.tempo().beat(), BigFraction.of(slower)))
                .filter(exercise::allowsTempo)
                .map(slower -> new Fix(new Remedy.SlowDown(whole), exercise.withTempo(slower)));
        findings.add(new Finding(
                new HandsFact.TooFast(limb, perSecond(gap), gap.from(), limit, phrase),
                Optional.of(new Finding.Place(-1, gap.from())),
                fix));
    }

    private BigFraction perSecond(LimbAssignment.Gap gap) {
        return exercise.tempo().seconds(gap.length()).reciprocal();
    }

    /** Returns the tempo that reaches a limit; tempo and strokes per second rise together. */
    private HandsFact.SpeedLimit limit(LimbAssignment.Gap gap, int most) {
        return new HandsFact.SpeedLimit(
                most, exercise.tempo().perMinute().multiply(most).divide(perSecond(gap)));
    }

    /** Finds on how many bars the 1 is played, where that is not all of them. */
    private void findOnes() {
        Map<String, Long> voices = new LinkedHashMap<>();
        TreeSet<Long> played = new TreeSet<>();
        for (LimbNote note : hands.notes()) {
            long bar = phrase.barAt(note.at());
            if (bar < bars && phrase.startOf(bar).equals(note.at())) {
                voices.merge(note.voice().name(), 1L, Long::sum);
                played.add(bar);
            }
        }
        if (played.size() < bars && bars > 1) {
            findings.add(Finding.of(new HandsFact.Ones(played.size(), voices, lookedAt())));
        }
    }

    private String name(int layer) {
        return analysis.layers().get(layer).name();
    }
}
