package nimblestride.desktop.view.weave;

import nimblestride.core.layer.pattern.Layer;

/** Displaces a layer by hand. */
public interface DisplaceAction {
    /** Shows the layer as it is during the drag. */
    void displace(int index, Layer layer);

    /** Ends the drag. */
    void done();
}
