package nimblestride.core.insight.finding;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.PlayingStyle;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;

/** What the hands and feet must do, in sentences: told as soon as limbs are put on counts, or limits are set. */
final class HandFindings {
    /** A way home of more bars is not followed to its end; the phrase itself is, up to {@link #MAX_PHRASE_LENGTH}. */
    private static final long MAX_BARS = 64;

    private static final int MAX_PHRASE_LENGTH = 256;
    private static final int ORDINARY_RUN = 2;
    private static final int BOXED_IN = 75;
    private static final int FLOWING = 34;

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
        boolean asked = !analysis.exercise().playingStyle().equals(PlayingStyle.DEFAULT);
        boolean placed = analysis.exercise().layers().stream().anyMatch(HandFindings::namesLimbs);
        return asked || placed ? new HandFindings(analysis).tell() : List.of();
    }

    private static boolean namesLimbs(Layer layer) {
        return layer.pattern() instanceof Pattern.Stuck || layer.pattern() instanceof Pattern.Placed;
    }

    private List<Finding> tell() {
        for (int i = 0; i < exercise.layers().size(); i++) {
            if (exercise.layers().get(i).pattern() instanceof Pattern.Stuck stuck) {
                tellLead(i, stuck);
            }
        }
        tellTogether();
        tellClashes();
        tellRuns();
        tellSpeed();
        tellOnes();
        return findings;
    }

    /** Which hand has the 1 of each bar, and the accents. */
    private void tellLead(int index, Pattern.Stuck stuck) {
        Map<Limb, List<Long>> ones = new EnumMap<>(Limb.class);
        for (long bar = 0; bar < bars; bar++) {
            long number = bar;
            hands.of(index, phrase.startOf(bar)).ifPresent(limb -> ones.computeIfAbsent(limb, one -> new ArrayList<>())
                    .add(number));
        }
        if (ones.isEmpty()) {
            return;
        }
        String sentence = ones.entrySet().stream()
                .map(one -> "the " + one.getKey().title() + " has the 1 of "
                        + (one.getValue().size() == bars ? everyBar() : FindingWords.bars(one.getValue())))
                .collect(Collectors.joining(", "));
        String accents = accents(stuck);
        add(
                Kind.HANDS,
                "lead",
                name(index) + ": " + sentence + ".",
                groups(index) + accents,
                Optional.of(new Finding.Place(index, NoteValue.ZERO)),
                Optional.empty());
    }

    private String groups(int index) {
        String letters = phrase.bars().get(0).groupStarts().stream()
                .map(start -> hands.of(index, start)
                        .map(limb -> String.valueOf(limb.letter()))
                        .orElse("-"))
                .collect(Collectors.joining(" "));
        return "The groups of bar 1 begin " + letters + ".";
    }

    private static String accents(Pattern.Stuck stuck) {
        Map<Limb, Long> accents = stuck.sticking().strokes().stream()
                .filter(stroke -> stroke.level().isAccent())
                .collect(Collectors.groupingBy(
                        stroke -> stroke.limb().orElseThrow(), () -> new EnumMap<>(Limb.class), Collectors.counting()));
        return accents.isEmpty()
                ? ""
                : accents.entrySet().stream()
                        .map(entry -> entry.getKey().title() + " " + entry.getValue())
                        .collect(Collectors.joining(", ", " Accents: ", "."));
    }

    private void tellTogether() {
        List<NoteValue> together = hands.together();
        if (exercise.playingStyle().linear() && !together.isEmpty()) {
            add(
                    Kind.CHECK,
                    "not-linear",
                    "Not linear: limbs strike together " + times(together.size()) + " in " + stretch() + ", first on "
                            + FindingWords.place(phrase, together.get(0)) + ".",
                    "",
                    Optional.of(new Finding.Place(-1, together.get(0))),
                    Optional.of(new Fix(
                            "Let limbs strike together",
                            exercise.withPlayingStyle(exercise.playingStyle().linear(false)))));
        }
    }

    private void tellClashes() {
        Map<Limb, List<LimbAssignment.Clash>> clashes = hands.clashes().stream()
                .collect(Collectors.groupingBy(
                        LimbAssignment.Clash::limb, () -> new EnumMap<>(Limb.class), Collectors.toList()));
        clashes.forEach((limb, ofLimb) -> {
            LimbAssignment.Clash first = ofLimb.get(0);
            String voices = first.notes().stream()
                    .map(note -> note.voice().name())
                    .distinct()
                    .collect(Collectors.joining(" and "));
            add(
                    Kind.CHECK,
                    "limb-asked-twice",
                    "The " + limb.title() + " is asked for " + voices + " at once on "
                            + FindingWords.place(phrase, first.at()) + ".",
                    ofLimb.size() == 1 ? "" : times(ofLimb.size()) + " in " + stretch() + ".",
                    Optional.of(new Finding.Place(first.notes().get(0).layer(), first.at())),
                    Optional.empty());
        });
    }

    private void tellRuns() {
        Optional<NoteValue> step = exercise.layers().stream()
                .map(Layer::pattern)
                .filter(Pattern.Stuck.class::isInstance)
                .map(pattern -> ((Pattern.Stuck) pattern).step())
                .min(NoteValue::compareTo);
        step.flatMap(hands::longestRun)
                .filter(run -> run.strokes() > ORDINARY_RUN)
                .ifPresent(run -> add(
                        Kind.HANDS,
                        "run",
                        "The " + run.limb().title() + " has " + run.strokes() + " strokes in a row from "
                                + FindingWords.place(phrase, run.from()) + ".",
                        "More than two in a row tire a hand first.",
                        Optional.of(new Finding.Place(-1, run.from())),
                        Optional.empty()));
    }

    private void tellSpeed() {
        Map<Limb, LimbAssignment.Gap> gaps = new LinkedHashMap<>();
        for (Limb limb : hands.limbs()) {
            hands.shortestGap(limb).ifPresent(gap -> gaps.put(limb, gap));
        }
        if (gaps.isEmpty()) {
            return;
        }
        String each = gaps.entrySet().stream()
                .map(gap -> "the " + gap.getKey().title() + " " + decimal(perSecond(gap.getValue())))
                .collect(Collectors.joining(", "));
        add(
                Kind.HANDS,
                "speed",
                "Strokes a second at this tempo, at the most: " + each + ".",
                shortest(gaps),
                Optional.empty(),
                Optional.empty());
        exercise.playingStyle()
                .maxStrokesPerSecond()
                .ifPresent(most -> gaps.forEach((limb, gap) -> {
                    if (perSecond(gap).compareTo(BigFraction.of(most)) > 0) {
                        tellTooFast(limb, gap, most);
                    }
                }));
    }

    private String shortest(Map<Limb, LimbAssignment.Gap> gaps) {
        LimbAssignment.Gap shortest = gaps.values().stream()
                .min((one, other) -> one.length().compareTo(other.length()))
                .orElseThrow();
        String limit = exercise.playingStyle().maxStrokesPerSecond().isEmpty()
                ? ""
                : " Your limit of "
                        + exercise.playingStyle().maxStrokesPerSecond().getAsInt() + " is reached at "
                        + decimal(limitTempo(
                                shortest,
                                exercise.playingStyle().maxStrokesPerSecond().getAsInt()))
                        + " beats a minute.";
        return "The shortest time between two is " + NoteName.one(shortest.length()) + "." + limit;
    }

    private void tellTooFast(Limb limb, LimbAssignment.Gap gap, int most) {
        BigFraction limit = limitTempo(gap, most);
        int whole = limit.bigDecimalValue(0, RoundingMode.FLOOR).intValue();
        Optional<Fix> fix = Optional.of(whole)
                .filter(slower -> slower >= Tempo.MIN)
                .map(slower -> new Tempo(exercise.tempo().beat(), BigFraction.of(slower)))
                .filter(exercise::allowsTempo)
                .map(slower -> new Fix("Slow down to " + whole, exercise.withTempo(slower)));
        add(
                Kind.CHECK,
                "too-fast",
                "The " + limb.title() + " is asked for " + decimal(perSecond(gap)) + " strokes a second from "
                        + FindingWords.place(phrase, gap.from()) + "; your limit is " + most + ".",
                "It is reached at " + decimal(limit) + " beats a minute.",
                Optional.of(new Finding.Place(-1, gap.from())),
                fix);
    }

    private BigFraction perSecond(LimbAssignment.Gap gap) {
        return exercise.tempo().seconds(gap.length()).reciprocal();
    }

    /** At which tempo the limit is reached: tempo and strokes a second rise together. */
    private BigFraction limitTempo(LimbAssignment.Gap gap, int most) {
        return exercise.tempo().perMinute().multiply(most).divide(perSecond(gap));
    }

    private static String decimal(BigFraction number) {
        return new BigDecimal(number.getNumerator())
                .divide(new BigDecimal(number.getDenominator()), MathContext.DECIMAL64)
                .setScale(1, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** How often the 1 is heard: a 1 in every bar boxes the phrase in, few let it flow. */
    private void tellOnes() {
        Map<String, Long> voices = new LinkedHashMap<>();
        TreeSet<Long> heard = new TreeSet<>();
        for (LimbNote note : hands.notes()) {
            long bar = phrase.barAt(note.at());
            if (bar < bars && phrase.startOf(bar).equals(note.at())) {
                voices.merge(note.voice().name(), 1L, Long::sum);
                heard.add(bar);
            }
        }
        if (bars < 2) {
            return;
        }
        long part = 100L * heard.size() / bars;
        String verdict = part >= BOXED_IN ? "boxed in" : part <= FLOWING ? "flowing" : "in between";
        String each = voices.entrySet().stream()
                .map(voice -> voice.getKey() + " " + voice.getValue())
                .collect(Collectors.joining(", "));
        add(
                Kind.HANDS,
                "ones",
                String.format(Locale.ROOT, "The 1 is struck in %,d of %s: %s.", heard.size(), stretch(), verdict),
                each.isEmpty() ? "" : each + ".",
                Optional.empty(),
                Optional.empty());
    }

    private String everyBar() {
        return bars < phrase.bars().size() ? "each of " + stretch() : "every bar";
    }

    /** The bars all this is about. */
    private String stretch() {
        return bars < phrase.bars().size() ? "the first " + bars + " bars" : Counted.count(bars, "bar");
    }

    private String name(int layer) {
        return analysis.layers().get(layer).name();
    }

    private static String times(int count) {
        return count == 1 ? "once" : count == 2 ? "twice" : Counted.count(count, "time");
    }

    private void add(
            Kind kind, String code, String sentence, String sum, Optional<Finding.Place> place, Optional<Fix> fix) {
        findings.add(new Finding(kind, code, sentence, sum, place, fix));
    }
}
