/**
 * A layer laid over a phrase, as hits in exact time. Begin with {@link
 * nimblestride.core.layer.timeline.LayerTimeline}.
 */
package nimblestride.core.layer.timeline;
