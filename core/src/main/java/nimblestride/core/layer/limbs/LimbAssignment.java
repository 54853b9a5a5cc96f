package nimblestride.core.layer.limbs;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import nimblestride.core.kit.sticking.LeadHand;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/**
 * Assigns a limb to every note of the first bars of an exercise. A hand or foot that is written out stays. Any other
 * voice gets its default limb, with the lead hand of the exercise; where that hand is busy, the other one helps if it
 * is free. What another player plays gets none.
 */
public final class LimbAssignment {
    private static final int MAX_NOTES = 20_000;

    private final Map<NoteValue, List<LimbNote>> moments;
    private final List<LimbNote> notes;
    private final List<RiffNote> riffs;
    private final List<Clash> clashes;
    private final boolean complete;

    /**
     * More notes at one moment than there are limbs for.
     *
     * @param notes all that one limb would have to play at once
     */
    public record Clash(NoteValue at, Limb limb, List<LimbNote> notes) {
        public Clash {
            notes = List.copyOf(notes);
        }
    }

    private LimbAssignment(
            Map<NoteValue, List<LimbNote>> moments, List<RiffNote> riffs, List<Clash> clashes, boolean complete) {
        this.moments = moments;
        this.riffs = List.copyOf(riffs);
        this.notes = moments.values().stream().flatMap(List::stream).toList();
        this.clashes = clashes;
        this.complete = complete;
    }

    /**
     * Assigns limbs from the start to a moment.
     *
     * @param timelines layers laid over the phrase, in order; empty for those that can't be laid out
     */
    public static LimbAssignment of(List<Optional<LayerTimeline>> timelines, NoteValue until, LeadHand lead) {
        return of(timelines, until, lead, MAX_NOTES);
    }

    /**
     * Assigns limbs as the other method does.
     *
     * @param most notes of each layer to look at
     */
    public static LimbAssignment of(List<Optional<LayerTimeline>> timelines, NoteValue until, LeadHand lead, int most) {
        Map<NoteValue, List<LimbNote>> moments = new TreeMap<>();
        List<RiffNote> riffs = new ArrayList<>();
        boolean complete = true;
        for (int layer = 0; layer < timelines.size(); layer++) {
            if (timelines.get(layer).isEmpty()) {
                continue;
            }
            List<Hit> hits = timelines.get(layer).get().between(NoteValue.ZERO, until, most + 1);
            complete &= hits.size() <= most;
            for (Hit hit : hits) {
                for (Voice voice : hit.voices()) {
                    Optional<Limb> limb = hit.limb(voice, lead);
                    if (limb.isEmpty()) {
                        riffs.add(new RiffNote(hit.at(), layer, voice, hit.stroke()));
                    } else {
                        moments.computeIfAbsent(hit.at(), at -> new ArrayList<>())
                                .add(new LimbNote(hit.at(), layer, voice, hit.stroke(), limb.get()));
                    }
                }
            }
        }
        List<Clash> clashes = new ArrayList<>();
        moments.replaceAll((at, here) -> deal(at, here, clashes));
        riffs.sort(Comparator.comparing(RiffNote::at));
        return new LimbAssignment(moments, riffs, clashes, complete);
    }

    /** Notes that are written out choose first; a voice two layers ask for at once plays once. */
    private static List<LimbNote> deal(NoteValue at, List<LimbNote> here, List<Clash> clashes) {
        List<LimbNote> notes = new ArrayList<>();
        Map<Limb, List<LimbNote>> taken = new EnumMap<>(Limb.class);
        List<LimbNote> inOrder = new ArrayList<>(here);
        inOrder.sort(Comparator.comparing(note -> note.stroke().limb().isEmpty()));
        for (LimbNote note : inOrder) {
            Limb limb = note.limb();
            if (isFree(taken, limb, note.voice())) {
                take(taken, limb, note, notes);
            } else if (limb.isHand() && note.stroke().limb().isEmpty() && isFree(taken, limb.other(), note.voice())) {
                take(taken, limb.other(), note, notes);
            } else {
                take(taken, limb, note, notes);
            }
        }
        taken.forEach((limb, ofLimb) -> {
            if (ofLimb.stream().map(LimbNote::voice).distinct().count() > 1) {
                clashes.add(new Clash(at, limb, ofLimb));
            }
        });
        return notes;
    }

    private static boolean isFree(Map<Limb, List<LimbNote>> taken, Limb limb, Voice voice) {
        return taken.getOrDefault(limb, List.of()).stream()
                .allMatch(note -> note.voice().equals(voice));
    }

    private static void take(Map<Limb, List<LimbNote>> taken, Limb limb, LimbNote note, List<LimbNote> notes) {
        LimbNote played = new LimbNote(note.at(), note.layer(), note.voice(), note.stroke(), limb);
        taken.computeIfAbsent(limb, one -> new ArrayList<>()).add(played);
        notes.add(played);
    }

    /** Returns every note of the kit in order. */
    public List<LimbNote> notes() {
        return notes;
    }

    /** Returns every note of other players in order. */
    public List<RiffNote> riffs() {
        return riffs;
    }

    /** Returns whether these are all notes; there may be more than can be listed. */
    public boolean isComplete() {
        return complete;
    }

    /** Returns where a limb is asked for two voices at once. */
    public List<Clash> clashes() {
        return List.copyOf(clashes);
    }

    /** Returns the limbs that have something to play. */
    public Set<Limb> limbs() {
        Set<Limb> limbs = EnumSet.noneOf(Limb.class);
        notes.forEach(note -> limbs.add(note.limb()));
        return limbs;
    }

    /** Returns the moments at which more than one limb plays, in order; none in a linear part. */
    public List<NoteValue> together() {
        return moments.entrySet().stream()
                .filter(moment -> moment.getValue().stream()
                                .map(LimbNote::limb)
                                .distinct()
                                .count()
                        > 1)
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * Returns the shortest time from one stroke of a limb to its next, and where; empty for fewer than two strokes.
     */
    public Optional<Gap> shortestGap(Limb limb) {
        Gap shortest = null;
        NoteValue before = null;
        for (LimbNote note : notes) {
            if (note.limb() != limb || note.at().equals(before)) {
                continue;
            }
            if (before != null) {
                NoteValue length = note.at().minus(before);
                if (shortest == null || length.compareTo(shortest.length) < 0) {
                    shortest = new Gap(before, length);
                }
            }
            before = note.at();
        }
        return Optional.ofNullable(shortest);
    }

    /** From one stroke of a limb to its next. */
    public record Gap(NoteValue from, NoteValue length) {}

    /**
     * Returns the longest run of one hand: strokes a step apart, with none of the other hand between.
     *
     * @param step largest distance of strokes in a row
     */
    public Optional<Run> longestRun(NoteValue step) {
        Run longest = null;
        Run current = null;
        NoteValue last = NoteValue.ZERO;
        for (LimbNote note : notes) {
            if (!note.limb().isHand()) {
                continue;
            }
            boolean inARow = current != null
                    && current.limb == note.limb()
                    && note.at().minus(last).compareTo(step) <= 0;
            current = inARow
                    ? new Run(
                            current.limb,
                            current.from,
                            current.strokes + (note.at().equals(last) ? 0 : 1))
                    : new Run(note.limb(), note.at(), 1);
            last = note.at();
            longest = longest == null || current.strokes > longest.strokes ? current : longest;
        }
        return Optional.ofNullable(longest);
    }

    /** Strokes in a row by one hand. */
    public record Run(Limb limb, NoteValue from, int strokes) {}

    /** Returns the limb that plays a layer at a moment; empty if the layer does not play there. */
    public Optional<Limb> of(int layer, NoteValue at) {
        return moments.getOrDefault(at, List.of()).stream()
                .filter(note -> note.layer() == layer)
                .map(LimbNote::limb)
                .findFirst();
    }
}
