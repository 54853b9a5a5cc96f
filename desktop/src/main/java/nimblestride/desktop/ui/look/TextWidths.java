package nimblestride.desktop.ui.look;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** Measures texts, in pixels, and remembers what it has measured. Belongs to the interface thread. */
public final class TextWidths {
    private static final int MAX_REMEMBERED = 4_000;

    private final Text measured = new Text();
    private final Map<Written, Double> widths = new HashMap<>();

    private record Written(String text, Font font) {}

    /** Returns the width of a text. */
    public double of(String text, Font font) {
        if (widths.size() > MAX_REMEMBERED) {
            widths.clear();
        }
        return widths.computeIfAbsent(new Written(text, font), this::measure);
    }

    private double measure(Written written) {
        measured.setFont(written.font);
        measured.setText(written.text);
        return measured.getLayoutBounds().getWidth();
    }
}
