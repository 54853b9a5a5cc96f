package nimblestride.core.insight.fact;

/** Lists every kind of fact, each with its category and the code that reports name it by. */
public enum FactKind {
    TOO_LARGE(Category.CHECK, "too-large"),
    SILENT(Category.CHECK, "silent"),
    LOST_PLACES(Category.CHECK, "lost-places"),
    IDLE_RULE(Category.CHECK, "idle-rule"),
    DRIFTED(Category.CHECK, "drifted"),
    NOT_LINEAR(Category.CHECK, "not-linear"),
    LIMB_ASKED_TWICE(Category.CHECK, "limb-asked-twice"),
    TOO_FAST(Category.CHECK, "too-fast"),
    PATTERN_DOES_NOT_FILL(Category.CHECK, "pattern-does-not-fill"),

    TOGETHER(Category.HEADLINE, "together"),
    PHRASE(Category.HEADLINE, "phrase"),
    PATTERN_FILLS(Category.HEADLINE, "pattern-fills"),

    LAYER(Category.LAYER, "layer"),

    HANDS(Category.HANDS, "hands"),

    MEET(Category.MEETING, "meet"),
    COMPOSITE(Category.MEETING, "composite"),
    NEVER_MEET(Category.MEETING, "never-meet"),
    MORE_PAIRS(Category.MEETING, "more-pairs"),
    ALL_AT_ONCE(Category.MEETING, "all-at-once"),
    NEVER_ALL_AT_ONCE(Category.MEETING, "never-all-at-once"),
    ON_ONE(Category.MEETING, "on-one"),
    NEVER_ON_ONE(Category.MEETING, "never-on-one"),

    SPEED(Category.LIMBS, "speed"),
    ONES(Category.LIMBS, "ones"),

    LENGTH(Category.LENGTH, "length"),
    SECTIONS(Category.LENGTH, "sections"),

    COUNTS(Category.DETAIL, "count"),
    BEAT(Category.DETAIL, "beat"),
    POLYMETER(Category.DETAIL, "polymeter"),
    POLYRHYTHM(Category.DETAIL, "polyrhythm"),
    CROSS_RHYTHM(Category.DETAIL, "cross-rhythm"),
    POLYMETER_AND_CROSS_RHYTHM(Category.DETAIL, "polymeter-and-polyrhythm"),
    RESETS(Category.DETAIL, "reset"),
    LEFT_OVER(Category.DETAIL, "left-over"),
    RUNNING_HANDS(Category.DETAIL, "running-hands");

    private final Category category;
    private final String code;

    FactKind(Category category, String code) {
        this.category = category;
        this.code = code;
    }

    /** Returns where its findings stand in order. */
    public Category category() {
        return category;
    }

    /** Returns its name in reports: small letters and hyphens. */
    public String code() {
        return code;
    }
}
