package nimblestride.desktop.view.weave;

import nimblestride.core.layer.pattern.Layer;

/** Displaces a layer by hand. */
public interface DisplaceAction {
    /** The layer as it is while it is moved. */
    void displace(int index, Layer layer);

    /** The hand lets go. */
    void done();
}
