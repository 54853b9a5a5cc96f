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

    RETURNS(Category.RETURN, "returns"),
    TOGETHER(Category.RETURN, "together"),

    LANDS(Category.LANDING, "lands"),
    NEVER_LANDS(Category.LANDING, "never-lands"),

    RESETS(Category.REMAINDER, "reset"),
    LEFT_OVER(Category.REMAINDER, "left-over"),

    POLYMETER(Category.CROSSING, "polymeter"),
    POLYRHYTHM(Category.CROSSING, "polyrhythm"),
    CROSS_RHYTHM(Category.CROSSING, "cross-rhythm"),
    POLYMETER_AND_CROSS_RHYTHM(Category.CROSSING, "polymeter-and-polyrhythm"),

    BEAT(Category.BEAT, "beat"),
    RUNNING_HANDS(Category.BEAT, "running-hands"),

    MEET(Category.MEETING, "meet"),
    COMPOSITE(Category.MEETING, "composite"),
    NEVER_MEET(Category.MEETING, "never-meet"),
    MORE_PAIRS(Category.MEETING, "more-pairs"),
    ALL_AT_ONCE(Category.MEETING, "all-at-once"),
    NEVER_ALL_AT_ONCE(Category.MEETING, "never-all-at-once"),
    ON_ONE(Category.MEETING, "on-one"),
    NEVER_ON_ONE(Category.MEETING, "never-on-one"),

    LEAD(Category.HANDS, "lead"),
    RUN(Category.HANDS, "run"),
    SPEED(Category.HANDS, "speed"),
    ONES(Category.HANDS, "ones"),

    LENGTH(Category.LENGTH, "length"),
    SECTIONS(Category.LENGTH, "sections"),
    PATTERN_FILLS(Category.LENGTH, "pattern-fills");

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
