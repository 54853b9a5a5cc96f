package nimblestride.core.language.search;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;

/**
 * The words that search finds an exercise by: its meters ({@code 11/8}, {@code elevens}), groupings ({@code 3+3+3+2}),
 * voices, and techniques ({@code flams}, {@code polyrhythm}, {@code modulation}).
 */
public final class Keywords {
    private static final int MAX_BARS = 400;
    private static final List<String> ONES = List.of(
            "",
            "ones",
            "twos",
            "threes",
            "fours",
            "fives",
            "sixes",
            "sevens",
            "eights",
            "nines",
            "tens",
            "elevens",
            "twelves",
            "thirteens",
            "fourteens",
            "fifteens",
            "sixteens",
            "seventeens",
            "eighteens",
            "nineteens",
            "twenties",
            "twenty-ones",
            "twenty-twos",
            "twenty-threes",
            "twenty-fours",
            "twenty-fives",
            "twenty-sixes",
            "twenty-sevens",
            "twenty-eights",
            "twenty-nines",
            "thirties",
            "thirty-ones",
            "thirty-twos");

    private final Set<String> words = new LinkedHashSet<>();

    private Keywords() {}

    /** Returns all words, each once. */
    public static Set<String> of(Exercise exercise) {
        Keywords keywords = new Keywords();
        exercise.contents().forEach(keywords::add);
        if (exercise.hasSections()) {
            keywords.words.add("modulation");
            keywords.words.add("sections");
        }
        if (exercise.playingStyle().linear()) {
            keywords.words.add("linear");
        }
        return keywords.words;
    }

    private void add(SectionContent content) {
        content.phrase().kinds().stream().limit(MAX_BARS).forEach(this::add);
        if (!content.phrase().isEven()) {
            words.add("mixed");
        }
        content.layers().forEach(this::add);
    }

    private void add(Bar bar) {
        words.add(bar.meter().toString());
        words.add(bar.grouping().toString());
        for (Meter.Term term : bar.meter().terms()) {
            int numerator =
                    term.numerators().stream().mapToInt(Integer::intValue).sum();
            if (numerator < ONES.size()) {
                words.add(ONES.get(numerator));
            }
        }
        bar.grouping().sizes().stream().filter(size -> size < ONES.size()).forEach(size -> words.add(ONES.get(size)));
    }

    private void add(Layer layer) {
        words.add(layer.voice().name());
        Pattern pattern = layer.pattern();
        if (pattern instanceof Pattern.Over) {
            words.add("polyrhythm");
        } else if (pattern instanceof Pattern.Stuck) {
            words.add("sticking");
        } else if (pattern instanceof Pattern.Cell || pattern instanceof Pattern.Every) {
            words.add(layer.reset().equals(Reset.NEVER) ? "polymeter" : "ostinato");
        }
        if (layer.downbeatEvery() > 1) {
            words.add("flow");
        }
        Set<Stroke> strokes =
                pattern.strokes().stream().flatMap(Optional::stream).collect(Collectors.toSet());
        strokes.forEach(this::add);
    }

    private void add(Stroke stroke) {
        if (stroke.level() == Dynamic.GHOST) {
            words.add("ghost notes");
        } else if (stroke.level().isAccent()) {
            words.add("accents");
        }
        if (stroke.ornament() != Ornament.NONE) {
            words.add(plural(stroke.ornament()));
        }
    }

    private static String plural(Ornament ornament) {
        return switch (ornament) {
            case BUZZ -> "buzzes";
            case DOUBLED -> ornament.title();
            default -> ornament.title() + "s";
        };
    }
}
