package nimblestride.formats.json;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Set;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes what is chosen for a sheet. Its style and its counting system belong to the whole program. */
public final class SheetJson {
    private SheetJson() {}

    /** Puts a sheet into an object. */
    public static void write(Sheet sheet, ObjectNode into) {
        into.put("paper", sheet.paper().name());
        ArrayNode sections = into.putArray("sections");
        sheet.sections().stream().map(SheetItem::name).sorted().forEach(sections::add);
        into.put("stages", sheet.stages());
        into.put("firstPercent", sheet.firstPercent());
        into.put("rounds", sheet.rounds());
        into.put("notation", sheet.way());
        into.put("forWhom", sheet.forWhom());
    }

    /** Returns a sheet as text. */
    public static String text(Sheet sheet) {
        ObjectNode into = JsonNodeFactory.instance.objectNode();
        write(sheet, into);
        return JsonText.format(into);
    }

    /**
     * Reads a sheet.
     *
     * @throws nimblestride.core.foundation.failure.StrideException if it can't be read
     */
    public static Sheet read(JsonNodeReader place) {
        Set<SheetItem> items = EnumSet.noneOf(SheetItem.class);
        place.member("sections").items(SheetItem.values().length).forEach(one -> items.add(one.oneOf(SheetItem.class)));
        Sheet sheet = place.make(() -> Arrays.stream(SheetItem.values())
                .reduce(Sheet.DEFAULT, (made, item) -> made.with(item, items.contains(item)), (one, other) -> other)
                .on(place.member("paper").oneOf(PaperSize.class))
                .inStages(
                        place.member("stages").whole(),
                        place.member("firstPercent").whole()));
        // Sheets from before each exercise had its own state only what is usual.
        return place.has("rounds")
                ? place.make(() -> sheet.inRounds(place.member("rounds").whole())
                        .writtenAs(place.member("notation").text())
                        .addressed(place.member("forWhom").text()))
                : sheet;
    }

    /**
     * Reads a sheet from text.
     *
     * @throws nimblestride.core.foundation.failure.StrideException if it can't be read
     */
    public static Sheet read(String text) {
        return read(JsonNodeReader.root(JsonText.parse(text)));
    }
}
