package nimblestride.desktop.service;

import static nimblestride.desktop.service.WorkspaceId.CROSS;
import static nimblestride.desktop.service.WorkspaceId.GROUP;
import static nimblestride.desktop.service.WorkspaceId.MODULATE;
import static nimblestride.desktop.service.WorkspaceId.PLACE;
import static nimblestride.desktop.service.WorkspaceId.PRACTICE;
import static nimblestride.desktop.service.WorkspaceId.SHARE;

/** Names the pages of every workspace, in their order. */
public enum PageId {
    READINGS(GROUP, "Readings", "The ways to feel this bar in groups, the best of each school first"),
    COUNT(GROUP, "Count", "How this bar is counted aloud, school by school"),
    WHAT_FITS(GROUP, "What fits?", "Which cells fill a length exactly, and in how many ways"),
    DOES_IT_FILL(GROUP, "Does it fill?", "Whether a pattern comes out even with the bar, and what mends it"),
    WHAT_METER(
            GROUP,
            "What meter?",
            "Tap what you hear, or type where the accents fall, and be told which meters it may be"),
    EAR(GROUP, "Ear", "Hear a grouping of this bar, and name it: by its number, or by tapping it"),

    COUNTS(PLACE, "Counts", "Voices put on counts by naming them: kick 1, 4; snare ghost a of 2"),
    STAFF(PLACE, "Staff", "What is played, on a staff"),
    STICKING(
            PLACE,
            "Sticking",
            "Which hand plays which stroke: typed, from a rudiment or from cells, and moved round the kit"),
    HANDS(PLACE, "Hands", "Which hand leads, how fast at the most, and what that asks of each limb"),
    VARIATIONS(PLACE, "Try the rest", "Keep one part and try everything in the rest, one after the other"),
    BUILD_UP(PLACE, "Build up", "In which order the layers come in, and how many are heard now"),
    VOICES(PLACE, "Voices", "Voices of your own, with their sound and their place on the staff"),

    LAYERS(CROSS, "Layers", "What runs over the bars: one row for each layer, and a line to type another"),
    WEAVE(
            CROSS,
            "Weave",
            "Bars stacked as rows: a layer that drifts against them is a slanting thread that comes home"),
    BAR_BY_BAR(CROSS, "In words", "The Road and the Weave as sentences, bar by bar, to read, hear or copy"),
    MAKE_IT_FIT(CROSS, "Make it fit", "What a riff leaves over after so many bars, and every way to close it"),
    FAMILIES(CROSS, "Families", "Sets of exercises made from this one, such as every displacement of a figure"),
    FLOW(CROSS, "Flow", "How often everybody is on the 1, and a 1 only every so many bars"),

    PIVOT(MODULATE, "Pivot", "A change of tempo by a note that lasts equally long in both, and the way back"),
    SECTIONS(MODULATE, "Sections", "The sections one after the other, and whether their tempos come home"),
    TEMPOS(MODULATE, "Tempos", "Where all tempos are whole numbers, and ways from one tempo to another"),
    IMPLIED(MODULATE, "Implied", "The bars stay, and a layer sounds as though the tempo had changed"),

    TODAY(PRACTICE, "Today", "What to do in the time there is, and what has been left lying"),
    STAGES(PRACTICE, "Stages", "The way to the exercise in steps, from counting aloud to all of it"),
    LADDER(PRACTICE, "Ladder", "Tempos from slow to the goal, a step up after what was clean"),
    TIMING(PRACTICE, "Taps", "Play along, and see how early or late each count, limb and group comes"),
    LOG(PRACTICE, "Log", "What was practised: typed in a line, listed and drawn"),
    CLICK(PRACTICE, "Click", "What the click says, where it keeps silent, and how fast it all goes"),
    MIX(PRACTICE, "Balance", "Which bars are played, which voices are heard, and how loud"),
    BAND(PRACTICE, "Band", "Who plays along, in which key, and what they keep to"),
    PADS(PRACTICE, "Pads", "What you play on: pads, the computer's keys, or a stand-in player"),
    AUDIO(PRACTICE, "Sound card", "What it is played through, and how late it is heard"),

    SHEET(SHARE, "Sheet", "The page as it will print, and what stands on it"),
    NOTATION(SHARE, "Ways to write", "The same music in other bars and values, the one that reads best first"),
    BOOKLET(SHARE, "Booklet", "Several exercises of the Book as one booklet"),
    SOUND_FILE(SHARE, "Sound file", "What would be played now, as a WAV file"),
    LESSON(SHARE, "Lesson", "What a student was set, what they did, and what comes next");

    private final WorkspaceId workspace;
    private final String title;
    private final String about;

    PageId(WorkspaceId workspace, String title, String about) {
        this.workspace = workspace;
        this.title = title;
        this.about = about;
    }

    /** Returns the workspace the page belongs to. */
    public WorkspaceId workspace() {
        return workspace;
    }

    /** Returns the name on its button. */
    public String title() {
        return title;
    }

    /** Returns what the page is for, in one sentence. */
    public String about() {
        return about;
    }
}
