package nimblestride.desktop.service;

import static nimblestride.desktop.service.WorkspaceId.CROSS;
import static nimblestride.desktop.service.WorkspaceId.GROUP;
import static nimblestride.desktop.service.WorkspaceId.LISTEN;
import static nimblestride.desktop.service.WorkspaceId.MODULATE;
import static nimblestride.desktop.service.WorkspaceId.PLACE;
import static nimblestride.desktop.service.WorkspaceId.PRACTICE;
import static nimblestride.desktop.service.WorkspaceId.SHARE;
import static nimblestride.desktop.service.WorkspaceId.SOUND;
import static nimblestride.desktop.service.WorkspaceId.STUDENTS;

/** Names the pages of every workspace, in their order. */
public enum PageId {
    RECORDING(LISTEN, "Recording", "See a recording with its hits, play it slowly, and loop bars of it"),
    ITS_METER(LISTEN, "Its meter", "See which meters a recording may be in, and help by tapping along"),
    MICROPHONE(LISTEN, "Microphone", "Play into a microphone, on a pad, by hand, or on a whole kit"),

    READINGS(GROUP, "Readings", "Ways to group this bar, the best first"),
    COUNT(GROUP, "Count", "How to count this bar aloud in each counting system"),
    WHAT_FITS(GROUP, "What fits?", "Find the cells that fill a length exactly"),
    DOES_IT_FILL(GROUP, "Does it fill?", "Check whether a pattern fills the bar, and fix it"),
    WHAT_METER(GROUP, "What meter?", "Tap the accents you hear, or type the gaps between them, to find the meter"),
    EAR(GROUP, "Ear", "Hear a grouping, then name it or tap it"),

    COUNTS(PLACE, "Counts", "Put voices on counts: kick 1, 4; snare ghost a of 2"),
    WRITE(PLACE, "Write", "Write a part beat by beat: kick . snare . / hi-hat hi-hat"),
    STAFF(PLACE, "Staff", "See the part on a staff"),
    STICKING(PLACE, "Sticking", "Write a sticking, or start from a rudiment, and orchestrate it around the kit"),
    HANDS(PLACE, "Hands", "See which hand leads and how fast each limb must play"),
    VARIATIONS(PLACE, "Variations", "Keep one part of a sticking and try everything else in the rest"),
    BUILD_UP(PLACE, "Build up", "Bring the layers in one at a time"),
    VOICES(PLACE, "Voices", "Add voices of your own, with their sound and their place on the staff"),

    LAYERS(CROSS, "Layers", "Everything that runs over the bars, one row per layer"),
    WEAVE(
            CROSS,
            "Weave",
            "Bars stacked in rows: a layer that drifts shows as a slanted thread until it lines up again"),
    BAR_BY_BAR(CROSS, "Bar by bar", "Read the Road and the Weave as text, one bar at a time"),
    MAKE_IT_FIT(CROSS, "Make it fit", "See what a riff leaves over, and every way to end it on a bar line"),
    FAMILIES(CROSS, "Families", "Make a set of exercises from this one, such as every displacement of a figure"),
    FLOW(CROSS, "Flow", "Play fewer downbeats, and find pulses that run across the bars"),

    PIVOT(MODULATE, "Pivot", "Change tempo through a note that lasts equally long in both tempos"),
    SECTIONS(MODULATE, "Sections", "Play sections in order, each with its own bars and tempo"),
    TEMPOS(MODULATE, "Tempos", "Find starting tempos that keep every tempo whole, and routes to a new tempo"),
    IMPLIED(MODULATE, "Implied", "Keep the bars and make a layer suggest another tempo"),

    TODAY(PRACTICE, "Today", "Plan today's practice"),
    STAGES(PRACTICE, "Stages", "Learn the exercise in steps, from counting aloud to all of it"),
    LADDER(PRACTICE, "Ladder", "Climb from a slow tempo to the goal, one step after each clean run"),
    TIMING(PRACTICE, "Timing", "Play along and see how early or late you are on each count"),
    LOG(PRACTICE, "Log", "Write down what you practiced, and see your progress"),

    CLICK(SOUND, "Click", "Choose what the click plays, when it drops out, and how fast everything goes"),
    MIX(SOUND, "Mix", "Choose which bars and voices play, and how loud"),
    BAND(SOUND, "Band", "Choose who plays along, in which key"),
    PADS(SOUND, "Pads", "Choose what you play on: pads, the computer's keys, or a simulated player"),
    AUDIO(SOUND, "Audio", "Choose the sound card, and measure its latency"),

    LESSONS(STUDENTS, "Lessons", "Today's lessons, and all students"),
    LESSON(STUDENTS, "Student", "See what you assigned, what the student practiced, and plan the next lesson"),

    SHEET(SHARE, "Sheet", "Set up the page, then print or export it"),
    NOTATION(SHARE, "Notation", "Compare ways to write the same music, easiest to read first"),
    BOOKLET(SHARE, "Booklet", "Print several exercises as one booklet"),
    SOUND_FILE(SHARE, "Audio file", "Export what plays now as a WAV file"),
    WEB_PAGE(SHARE, "Web page", "Export a page that plays on any phone");

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
