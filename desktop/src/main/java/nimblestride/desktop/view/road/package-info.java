/**
 * The Road: time from left to right, strides, counts, layers, and landings. Begin with {@link
 * nimblestride.desktop.view.road.RoadView}.
 */
package nimblestride.desktop.view.road;
