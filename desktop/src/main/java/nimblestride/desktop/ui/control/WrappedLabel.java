package nimblestride.desktop.ui.control;

import java.util.HashMap;
import java.util.Map;
import javafx.scene.control.Label;

/**
 * A label that wraps where there is too little room, and is never cut off. Lays its words out once per width, however often its parents
 * ask for its height, until it changes.
 */
public class WrappedLabel extends Label {
    private final Map<Double, Double> heights = new HashMap<>();

    /** @param styleClasses further style classes */
    public WrappedLabel(String text, String... styleClasses) {
        super(text);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
        getStyleClass().addAll(styleClasses);
    }

    /** Makes an empty label. */
    public WrappedLabel() {
        this("");
    }

    /** Forgets its heights: new words, another font, or another style ask for a layout. */
    @Override
    public final void requestLayout() {
        // The superclass asks before there is anything to forget.
        if (heights != null) {
            heights.clear();
        }
        super.requestLayout();
    }

    @Override
    protected final double computePrefHeight(double width) {
        if (getSkin() == null) {
            return super.computePrefHeight(width);
        }
        Double known = heights.get(width);
        if (known != null) {
            return known;
        }
        double height = super.computePrefHeight(width);
        heights.put(width, height);
        return height;
    }
}
