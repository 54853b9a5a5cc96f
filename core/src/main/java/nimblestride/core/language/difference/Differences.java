package nimblestride.core.language.difference;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.SwingText;
import nimblestride.core.layer.pattern.Layer;

/** Says what differs between two states of an exercise, what one hears first. */
public final class Differences {
    private static final int MAX_TEXT_LENGTH = 60;

    private final List<String> said = new ArrayList<>();

    private Differences() {}

    /**
     * Returns what an exercise has that it did not have before: one phrase for each difference, such as {@code tempo 104
     * BPM, was 96 BPM}. Empty where both are the same; which section is selected makes no difference.
     */
    public static List<String> between(Exercise before, Exercise after) {
        Differences differences = new Differences();
        differences.changed("name", before.name(), after.name());
        differences.changed("tempo", before.start().spoken(), after.start().spoken());
        differences.contents(before, after);
        differences.flag("sections", before.sections(), after.sections());
        differences.flag("voices", before.voices(), after.voices());
        differences.flag("playing style", before.playingStyle(), after.playingStyle());
        differences.flag("stages", before.practice().stages(), after.practice().stages());
        differences.flag("ladder", before.practice().ladder(), after.practice().ladder());
        differences.flag(
                "practiced variations",
                before.practice().ticked(),
                after.practice().ticked());
        return List.copyOf(differences.said);
    }

    /** Returns the differences in one line, such as {@code bars 10/8, was 11/8; new layer: ride every 1/8}. */
    public static String line(Exercise before, Exercise after) {
        return String.join("; ", between(before, after));
    }

    private void contents(Exercise before, Exercise after) {
        for (SectionContent content : after.contents()) {
            named(before, content.name())
                    .ifPresentOrElse(
                            old -> content(after.hasSections() ? " in " + content.name() : "", old, content),
                            () -> said.add("new section " + content.name()));
        }
        for (SectionContent content : before.contents()) {
            if (named(after, content.name()).isEmpty()) {
                said.add("section " + content.name() + " removed");
            }
        }
    }

    private static Optional<SectionContent> named(Exercise exercise, String name) {
        return exercise.contents().stream()
                .filter(content -> content.name().equals(name))
                .findFirst();
    }

    private void content(String where, SectionContent before, SectionContent after) {
        changed("bars" + where, BarsText.write(before.phrase()), BarsText.write(after.phrase()));
        changed("swing" + where, SwingText.write(before.swing()), SwingText.write(after.swing()));
        layers(where, before.layers(), after.layers());
    }

    /** Compares layers: those that are in both, in any place, are left out; what is left is paired in order. */
    private void layers(String where, List<Layer> before, List<Layer> after) {
        List<Layer> gone = new ArrayList<>(before);
        after.forEach(gone::remove);
        List<Layer> come = new ArrayList<>(after);
        before.forEach(come::remove);
        int both = Math.min(gone.size(), come.size());
        for (int i = 0; i < both; i++) {
            changed("layer" + where, LayerText.write(gone.get(i)), LayerText.write(come.get(i)));
        }
        for (Layer layer : come.subList(both, come.size())) {
            said.add("new layer" + where + ": " + brief(LayerText.write(layer)));
        }
        for (Layer layer : gone.subList(both, gone.size())) {
            said.add("layer" + where + " removed: " + brief(LayerText.write(layer)));
        }
        if (gone.isEmpty() && come.isEmpty() && !before.equals(after)) {
            said.add(Counted.count(after.size(), "layer") + where + " in another order");
        }
    }

    private void changed(String what, String before, String after) {
        if (!before.equals(after)) {
            said.add(what + " " + brief(after) + ", was " + brief(before));
        }
    }

    private void flag(String what, Object before, Object after) {
        if (!before.equals(after)) {
            said.add(what + " changed");
        }
    }

    private static String brief(String text) {
        if (text.isEmpty()) {
            return "none";
        }
        return text.length() <= MAX_TEXT_LENGTH ? text : text.substring(0, MAX_TEXT_LENGTH - 1) + "…";
    }
}
