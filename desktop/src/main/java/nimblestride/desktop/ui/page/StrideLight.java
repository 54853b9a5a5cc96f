package nimblestride.desktop.ui.page;

/** Lights the stride that is being written, wherever it is drawn. */
public interface StrideLight {
    /** Lights a stride and brings it into view. */
    void light(LitStride stride);

    /** Turns the light off. */
    void unlight();
}
