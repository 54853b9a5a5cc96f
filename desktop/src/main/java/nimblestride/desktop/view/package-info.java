/**
 * Holds the pictures of the exercise: Road, Weave, staff, and music stand. Depends on {@code document}, {@code ui}, and
 * {@code playback}.
 * Begin with {@link nimblestride.desktop.view.road.RoadView}.
 */
package nimblestride.desktop.view;
