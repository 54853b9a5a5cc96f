package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.Tempo;

/**
 * Edits the order of sections. Whatever is added, moved, or removed, the other sections keep their tempos: modulations
 * between them are worked out again where they must be. A content that no section plays any longer goes with its last
 * section.
 */
public final class SectionEdits {
    private SectionEdits() {}

    /**
     * Adds a section with new content.
     *
     * @throws InvalidValueException if a tempo can't be played, or there are too many sections
     */
    public static Exercise add(Exercise exercise, int at, SectionContent content, int rounds, Pivot entered) {
        List<SectionContent> contents = new ArrayList<>(exercise.contents());
        contents.add(content);
        return inserted(exercise, contents, at, new Section(contents.size() - 1, rounds, entered));
    }

    /**
     * Adds a section that repeats a content.
     *
     * @throws InvalidValueException if a tempo can't be played, or there are too many sections
     */
    public static Exercise repeat(Exercise exercise, int at, int content, int rounds, Pivot entered) {
        return inserted(exercise, exercise.contents(), at, new Section(content, rounds, entered));
    }

    /** @throws InvalidValueException if the modulation leads to a tempo that can't be played */
    private static Exercise inserted(Exercise exercise, List<SectionContent> contents, int at, Section section) {
        List<Turn> turns = turns(exercise);
        if (at == turns.size()) {
            List<Section> sections = new ArrayList<>(exercise.sections());
            sections.add(section);
            return exercise.withSections(contents, exercise.selected(), exercise.start(), sections);
        }
        Tempo before = at == 0 ? exercise.start() : turns.get(at - 1).tempo;
        turns.add(
                at,
                new Turn(
                        section,
                        new ModulationChain(before, List.of(section.pivot()))
                                .tempos()
                                .get(1)));
        return inTurns(exercise, contents, turns);
    }

    /**
     * Removes a section.
     *
     * @throws InvalidValueException if it is the only one
     */
    public static Exercise remove(Exercise exercise, int section) {
        if (!exercise.hasSections()) {
            throw new InvalidValueException("an exercise needs at least one section");
        }
        List<Turn> turns = turns(exercise);
        turns.remove(section);
        return inTurns(exercise, exercise.contents(), turns);
    }

    /** Moves a section to another place in the order. */
    public static Exercise move(Exercise exercise, int section, int to) {
        Objects.checkIndex(to, exercise.sections().size());
        List<Turn> turns = turns(exercise);
        turns.add(to, turns.remove(section));
        return inTurns(exercise, exercise.contents(), turns);
    }

    /**
     * Sets how often a section is played.
     *
     * @throws InvalidValueException if that is out of range
     */
    public static Exercise withRounds(Exercise exercise, int section, int rounds) {
        return replace(exercise, section, exercise.sections().get(section).withRounds(rounds));
    }

    /**
     * Sets the modulation into a section; the tempos after it follow.
     *
     * @throws InvalidValueException if a tempo can't be played then
     */
    public static Exercise withPivot(Exercise exercise, int section, Pivot pivot) {
        return replace(exercise, section, exercise.sections().get(section).withPivot(pivot));
    }

    /**
     * Renames a content.
     *
     * @throws InvalidValueException if the name is taken, blank, or too long
     */
    public static Exercise rename(Exercise exercise, int content, String name) {
        List<SectionContent> contents = new ArrayList<>(exercise.contents());
        contents.set(content, contents.get(content).withName(name));
        return exercise.withSections(contents, exercise.selected(), exercise.start(), exercise.sections());
    }

    /** Returns the first letter that names no content yet. */
    public static String nextName(Exercise exercise) {
        List<String> taken =
                exercise.contents().stream().map(SectionContent::name).toList();
        return Stream.iterate('A', letter -> (char) (letter + 1))
                .map(String::valueOf)
                .filter(letter -> !taken.contains(letter))
                .findFirst()
                .orElseThrow();
    }

    private static Exercise replace(Exercise exercise, int index, Section section) {
        List<Section> sections = new ArrayList<>(exercise.sections());
        sections.set(index, section);
        return exercise.withSections(exercise.contents(), exercise.selected(), exercise.start(), sections);
    }

    /** A section and the tempo it is played at. */
    private record Turn(Section section, Tempo tempo) {}

    private static List<Turn> turns(Exercise exercise) {
        List<Tempo> tempos = exercise.chain().tempos();
        List<Turn> turns = new ArrayList<>();
        for (int i = 0; i < tempos.size(); i++) {
            turns.add(new Turn(exercise.sections().get(i), tempos.get(i)));
        }
        return turns;
    }

    private static Exercise inTurns(Exercise exercise, List<SectionContent> contents, List<Turn> turns) {
        List<Pivot> known = exercise.chain().pivots();
        List<Integer> played = turns.stream()
                .map(turn -> turn.section.content())
                .distinct()
                .sorted()
                .toList();
        List<Section> sections = new ArrayList<>();
        for (int i = 0; i < turns.size(); i++) {
            Section old = turns.get(i).section;
            Pivot entered = i == 0
                    ? Pivot.NONE
                    : Pivot.toward(turns.get(i - 1).tempo, turns.get(i).tempo, preferring(old.pivot(), known));
            sections.add(new Section(played.indexOf(old.content()), old.rounds(), entered));
        }
        int selected = Math.max(0, played.indexOf(exercise.selected()));
        return exercise.withSections(
                played.stream().map(contents::get).toList(), selected, turns.get(0).tempo, sections);
    }

    private static List<Pivot> preferring(Pivot first, List<Pivot> others) {
        return Stream.concat(Stream.of(first), others.stream()).toList();
    }
}
