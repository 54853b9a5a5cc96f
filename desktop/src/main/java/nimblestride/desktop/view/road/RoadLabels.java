package nimblestride.desktop.view.road;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.text.Font;
import nimblestride.core.time.meter.Meter;
import nimblestride.desktop.ui.look.TextWidths;
import nimblestride.desktop.ui.look.Typefaces;

/**
 * Places the labels above the Road's lanes. A label that would touch another one, a bar line, or the realignment gate
 * gets smaller, moves, or is left out.
 */
final class RoadLabels {
    /** The width of the flag left of the realignment gate, in pixels. */
    static final double FLAG = 58;

    /** Half the width of the gate's post plus some room, in pixels. */
    private static final double GATE = 3;

    /** The distance from the ground line down to the middle of the counts, in pixels. */
    static final double COUNTS = 19;

    /** Kinds of labels, which decide how each looks. */
    enum Kind {
        BAR_NUMBER,
        SIGNATURE,
        UNITS,
        COUNT,
        GROUP_COUNT
    }

    /**
     * A label.
     *
     * @param size of the type, in pixels
     * @param x its center
     * @param y its center; for a meter, the baseline of its digits
     * @param width in pixels
     */
    record Words(Kind kind, String text, double size, double x, double y, double width) {
        Font font() {
            return RoadLabels.font(kind, size);
        }

        boolean looksLike(Words other) {
            return kind == other.kind && size == other.size;
        }

        double left() {
            return x - width / 2;
        }

        double right() {
            return x + width / 2;
        }
    }

    private static final double NUMBERS = 12;
    private static final double SIGNATURES = 44;
    private static final double SIGNATURE_SIZE = 26;
    /** The smallest meter label in a narrow bar, in pixels. */
    private static final double MIN_SIGNATURE = 0.46;
    /** The narrowest stride that shows its number of units, in pixels. */
    private static final double MIN_LABELED_WIDTH = 22;
    /** The narrowest bar that shows its number, in pixels. */
    private static final double MIN_NUMBER_WIDTH = 12;

    private static final int[] ROUND_STEPS = {1, 2, 5, 10, 20, 50, 100, 200, 500, 1_000};

    private final RoadPicture picture;
    private final VisibleRange stretch;
    private final RoadLayout layout;
    private final TextWidths widths;

    private RoadLabels(RoadPicture picture, VisibleRange stretch, RoadLayout layout, TextWidths widths) {
        this.picture = picture;
        this.stretch = stretch;
        this.layout = layout;
        this.widths = widths;
    }

    /** Returns the labels, sorted by look, so that they can be painted in groups. */
    static List<Words> of(RoadPicture picture, VisibleRange stretch, RoadLayout layout, TextWidths widths) {
        RoadLabels writing = new RoadLabels(picture, stretch, layout, widths);
        List<Words> all = new ArrayList<>(writing.barNumbers());
        all.addAll(writing.signatures());
        picture.strides().forEach(stride -> all.addAll(writing.units(stride)));
        all.addAll(writing.counts());
        all.sort(Comparator.comparing(Words::kind));
        return all;
    }

    private static Font font(Kind kind, double size) {
        return switch (kind) {
            case SIGNATURE -> Typefaces.music(size);
            case GROUP_COUNT -> Typefaces.bold(size);
            default -> Typefaces.text(size);
        };
    }

    private Words words(Kind kind, String text, double size, double x, double y) {
        return new Words(kind, text, size, x, y, widths.of(text, font(kind, size)));
    }

    private double x(double moment) {
        return RoadLayout.GUTTER + stretch.x(moment);
    }

    /**
     * Numbers the rounds of the phrase first (every one, or every second, fifth, tenth), and then the bars between,
     * where there is room.
     */
    private Collection<Words> barNumbers() {
        List<RoadPicture.Post> rounds =
                picture.posts().stream().filter(RoadPicture.Post::phraseStart).toList();
        for (int step : ROUND_STEPS) {
            LabelLine taken = new LabelLine();
            if (everySo(rounds, step).allMatch(post -> hasRoom(post, taken))) {
                if (step == 1) {
                    picture.posts().stream()
                            .filter(post -> width(post) > MIN_NUMBER_WIDTH)
                            .forEach(post -> hasRoom(post, taken));
                }
                return taken.words();
            }
        }
        return List.of();
    }

    /** Returns every n-th round, counted from the first. */
    private static Stream<RoadPicture.Post> everySo(List<RoadPicture.Post> rounds, int step) {
        long bars = rounds.size() < 2 ? 1 : rounds.get(1).bar() - rounds.get(0).bar();
        return rounds.stream().filter(post -> post.bar() / bars % step == 0);
    }

    /** Returns whether a bar number has room; one under the gate's flag is left out. */
    private boolean hasRoom(RoadPicture.Post post, LabelLine taken) {
        Words number = barNumber(post);
        return isUnderTheFlag(number) || taken.take(number);
    }

    private double width(RoadPicture.Post post) {
        return post.meter().length().toDouble() * stretch.scale();
    }

    private Words barNumber(RoadPicture.Post post) {
        Words number = words(Kind.BAR_NUMBER, String.format(Locale.ROOT, "%,d", post.bar() + 1), 12, 0, NUMBERS);
        return moved(number, x(post.at()) + 5 + number.width / 2);
    }

    private static Words moved(Words words, double x) {
        return new Words(words.kind, words.text, words.size, x, words.y, words.width);
    }

    /** Returns the position of the gate; far away if it is not in view. */
    private double gate() {
        return picture.home().isPresent() ? x(picture.home().getAsDouble()) : Double.POSITIVE_INFINITY;
    }

    private boolean isUnderTheFlag(Words words) {
        double gate = gate();
        return words.right() + LabelLine.APART > gate - FLAG && words.left() < gate;
    }

    private List<Words> signatures() {
        List<Words> all = new ArrayList<>();
        Optional<Meter> before = Optional.empty();
        for (RoadPicture.Post post : picture.posts()) {
            if (post.signature()) {
                all.addAll(signature(post, !before.equals(Optional.of(post.meter()))));
            }
            before = Optional.of(post.meter());
        }
        return all;
    }

    /** Returns the meter label of a bar, as large as fits; none if it would be unreadable, or small and unchanged. */
    private List<Words> signature(RoadPicture.Post post, boolean isNew) {
        double bar = width(post);
        double wide = width(signature(post.meter(), 0, SIGNATURE_SIZE));
        if (wide + 12 <= bar) {
            return signature(post.meter(), x(post.at()) + 8, SIGNATURE_SIZE);
        }
        double part = Math.min(1, (bar - 6) / wide);
        return part < MIN_SIGNATURE || !isNew
                ? List.of()
                : signature(post.meter(), x(post.at()) + 4, Math.floor(SIGNATURE_SIZE * part));
    }

    private static double width(List<Words> words) {
        return words.stream().mapToDouble(Words::right).max().orElse(0)
                - words.stream().mapToDouble(Words::left).min().orElse(0);
    }

    private List<Words> signature(Meter meter, double left, double size) {
        List<Words> all = new ArrayList<>();
        double x = left;
        for (Meter.Term term : meter.terms()) {
            if (x > left) {
                Words plus = words(Kind.SIGNATURE, Typefaces.signatureDigits("+"), size, 0, SIGNATURES);
                all.add(moved(plus, x + plus.width / 2));
                x += plus.width;
            }
            String counts = term.numerators().stream().map(String::valueOf).collect(Collectors.joining("+"));
            Words above = words(Kind.SIGNATURE, Typefaces.signatureDigits(counts), size, 0, SIGNATURES - size * 0.3);
            Words below = words(
                    Kind.SIGNATURE,
                    Typefaces.signatureDigits(Integer.toString(term.denominator())),
                    size,
                    0,
                    SIGNATURES + size * 0.29);
            double width = Math.max(above.width, below.width);
            all.add(moved(above, x + width / 2));
            all.add(moved(below, x + width / 2));
            x += width;
        }
        return all;
    }

    /** Returns the number of units of a stride: under its arch, or above a low one. */
    private List<Words> units(RoadPicture.Stride stride) {
        double from = x(stride.from());
        double to = x(stride.to());
        double rise = layout.rise(to - from);
        double top = layout.ground() - rise;
        Words under = words(Kind.UNITS, Integer.toString(stride.units()), 12, (from + to) / 2, top + 13);
        if (to - from < Math.max(MIN_LABELED_WIDTH, under.width + 8)) {
            return List.of();
        }
        // How far from its center a stride is 6 pixels below its top.
        double half = (to - from) / 2 * Math.sqrt(6 / rise);
        boolean inside = rise > 20 && half > under.width / 2 + 3;
        if (!inside && top - 16 < RoadLayout.ABOVE_STRIDES) {
            return List.of();
        }
        return List.of(inside ? under : words(Kind.UNITS, under.text, 12, under.x, top - 9));
    }

    /**
     * Returns the counts: first on bar lines, then on group starts, then, bar by bar, all others or none. The
     * realignment gate has no count.
     */
    private Collection<Words> counts() {
        LabelLine taken = new LabelLine();
        picture.ticks().stream()
                .filter(RoadPicture.Tick::groupStart)
                .sorted(Comparator.comparing(
                                (RoadPicture.Tick tick) -> !tick.position().isZero())
                        .thenComparingDouble(RoadPicture.Tick::at))
                .map(this::count)
                .filter(this::isClearOfTheGate)
                .forEach(taken::take);
        picture.ticks().stream()
                .filter(tick -> !tick.groupStart())
                .collect(Collectors.groupingBy(RoadPicture.Tick::bar, TreeMap::new, Collectors.toList()))
                .values()
                .stream()
                .map(between -> between.stream().map(this::count).toList())
                .filter(between -> between.stream().allMatch(this::isClearOfTheGate))
                .forEach(taken::takeAll);
        return taken.words();
    }

    private boolean isClearOfTheGate(Words count) {
        return count.right() < gate() - GATE || count.left() > gate() + GATE;
    }

    private Words count(RoadPicture.Tick tick) {
        boolean groupStart = tick.groupStart();
        return words(
                groupStart ? Kind.GROUP_COUNT : Kind.COUNT,
                tick.count(),
                groupStart ? 14 : 12.5,
                x(tick.at()),
                layout.ground() + COUNTS);
    }
}
