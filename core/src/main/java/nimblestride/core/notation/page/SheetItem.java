package nimblestride.core.notation.page;

/** What can stand on a sheet, in this order. */
public enum SheetItem {
    ROAD("The Road"),
    STAFF("Staff"),
    COUNT("Count"),
    STICKING("Sticking"),
    FACTS("How it lines up"),
    STAGES("Stages to tick off"),
    NOTES("Room for notes");

    private final String title;

    SheetItem(String title) {
        this.title = title;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }
}
