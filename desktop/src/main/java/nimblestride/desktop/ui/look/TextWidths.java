package nimblestride.desktop.ui.look;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.text.Font;
import javafx.scene.text.Text;

/** Measures texts, in pixels, and remembers what it has measured. Belongs to the interface thread. */
public final class TextWidths {
    private static final int MAX_REMEMBERED = 4_000;

    private final Text measured = new Text();
    private final Map<Font, Map<String, Double>> widths = new HashMap<>();
    private int remembered;

    /** Returns the width of a text. */
    public double of(String text, Font font) {
        Double known = widths.getOrDefault(font, Map.of()).get(text);
        if (known != null) {
            return known;
        }
        if (remembered == MAX_REMEMBERED) {
            widths.clear();
            remembered = 0;
        }
        double width = measure(text, font);
        widths.computeIfAbsent(font, one -> new HashMap<>()).put(text, width);
        remembered++;
        return width;
    }

    private double measure(String text, Font font) {
        measured.setFont(font);
        measured.setText(text);
        return measured.getLayoutBounds().getWidth();
    }
}
