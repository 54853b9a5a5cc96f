package nimblestride.sound.render;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.render.ClickSettings.Level;

/** Finds where the click falls in a section. */
final class ClickTrack {
    private static final int MAX = 20_000;

    private final ClickSettings click;
    private final Phrase phrase;
    private final Optional<LayerTimeline> layer;
    private final Map<Level, Finder> finders = new EnumMap<>(Level.class);

    /**
     * The new beat a section's modulation leads to.
     *
     * @param end moment of the change, from the start of the section
     * @param newBeat length of the new beat, in the old note values
     */
    record BeatAfterChange(NoteValue end, NoteValue newBeat) {}

    /** A bar, or a part of one, counted from the start of the section. */
    private record Part(long number, Bar bar, NoteValue start, NoteValue from, NoteValue to) {}

    /** Finds the clicks of one level. */
    private interface Finder {
        void find(Part part, Found found);
    }

    /** Receives each click found. */
    private interface Found {
        void at(NoteValue moment);
    }

    /** Finds the clicks of a section that no modulation follows. */
    ClickTrack(ClickSettings click, Exercise content) {
        this(click, content, (part, found) -> {});
    }

    /** Finds the clicks of a section that leads to a new beat. */
    ClickTrack(ClickSettings click, Exercise content, BeatAfterChange change) {
        this(click, content, (part, found) -> newBeats(change, part, found));
    }

    private ClickTrack(ClickSettings click, Exercise content, Finder newBeats) {
        this.click = click;
        this.phrase = content.phrase();
        this.layer = timeline(click, content);
        finders.put(
                Level.PHRASE,
                (part, found) -> one(part, part.number % phrase.bars().size() == 0, found));
        finders.put(Level.BAR, (part, found) -> one(part, true, found));
        finders.put(Level.NEW_BEAT, newBeats);
        finders.put(Level.PULSE, (part, found) -> steps(NoteValue.ZERO, click.pulse(), part, found));
        finders.put(Level.LAYER, this::hits);
        finders.put(Level.LONG_BEAT, (part, found) -> beats(part, true, found));
        finders.put(Level.BEAT, (part, found) -> beats(part, false, found));
        finders.put(Level.OFF_BEAT, ClickTrack::offBeats);
        finders.put(
                Level.UNIT, (part, found) -> steps(part.start, part.bar.meter().unit(), part, found));
    }

    private static Optional<LayerTimeline> timeline(ClickSettings click, Exercise content) {
        List<String> names = content.layerNames();
        int index = click.layer().map(names::indexOf).orElse(0);
        if (!click.levels().contains(Level.LAYER) || index < 0 || index >= names.size()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LayerTimeline.of(content.layers().get(index), content.phrase()));
        } catch (StrideException e) {
            // A finding reports a layer that can't be laid out; it gets no click.
            return Optional.empty();
        }
    }

    /**
     * Returns the clicks in a part of a bar, in order; where several fall together, the strongest.
     *
     * @param number of the bar, counted on through the rounds of the phrase
     * @param played bars played before it, in which silences are counted
     */
    Map<NoteValue, Level> between(long number, long played, NoteValue from, NoteValue to) {
        Map<NoteValue, Level> ticks = new TreeMap<>();
        if (!click.levels().isEmpty() && click.isHeardAfter(played)) {
            Part part = new Part(number, phrase.bar(number), phrase.startOf(number), from, to);
            finders.forEach((level, finder) -> {
                if (click.levels().contains(level == Level.LONG_BEAT ? Level.BEAT : level)) {
                    finder.find(part, moment -> ticks.putIfAbsent(moment, level));
                }
            });
        }
        return ticks;
    }

    private static void one(Part part, boolean clicked, Found found) {
        if (clicked && part.start.compareTo(part.from) >= 0) {
            found.at(part.start);
        }
    }

    private static void beats(Part part, boolean onlyLong, Found found) {
        Beats beats = part.bar.beats();
        List<NoteValue> starts = beats.starts();
        for (int beat = 0; beat < starts.size(); beat++) {
            if (!onlyLong || beats.isLong(beat)) {
                within(part, starts.get(beat), found);
            }
        }
    }

    /** Finds the middle of each even beat; in uneven beats, the unit in or just before the middle. */
    private static void offBeats(Part part, Found found) {
        Beats beats = part.bar.beats();
        NoteValue unit = part.bar.meter().unit();
        List<NoteValue> starts = beats.starts();
        for (int beat = 0; beat < starts.size(); beat++) {
            NoteValue half = beats.length(beat).dividedBy(2);
            boolean wholeUnits = beats.even().isPresent() || half.compareTo(unit) < 0;
            within(part, starts.get(beat).plus(wholeUnits ? half : unit.times(half.wholePartsOf(unit))), found);
        }
    }

    private static void within(Part part, NoteValue position, Found found) {
        NoteValue at = part.start.plus(position);
        if (at.compareTo(part.from) >= 0 && at.compareTo(part.to) < 0) {
            found.at(at);
        }
    }

    private void hits(Part part, Found found) {
        layer.ifPresent(timeline -> timeline.between(part.from, part.to, MAX).forEach(hit -> found.at(hit.at())));
    }

    /** Counts back from the change, so that a beat falls on it. */
    private static void newBeats(BeatAfterChange change, Part part, Found found) {
        if (change.end.compareTo(part.from) > 0) {
            steps(change.end.remainder(change.newBeat), change.newBeat, part, found);
        }
    }

    /** Finds even steps from a moment on. */
    private static void steps(NoteValue first, NoteValue step, Part part, Found found) {
        NoteValue at = first;
        if (at.compareTo(part.from) < 0) {
            NoteValue late = part.from.minus(first);
            at = first.plus(step.times(late.wholePartsOf(step) + (late.isMultipleOf(step) ? 0 : 1)));
        }
        for (; at.compareTo(part.to) < 0; at = at.plus(step)) {
            found.at(at);
        }
    }
}
