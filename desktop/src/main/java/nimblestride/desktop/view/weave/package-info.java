/**
 * The Weave: one bar to a row, so that a layer that drifts is a slanting thread. Begin with {@link
 * nimblestride.desktop.view.weave.WeaveView}.
 */
package nimblestride.desktop.view.weave;
