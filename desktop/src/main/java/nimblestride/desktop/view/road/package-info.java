/** The Road: time from left to right, strides, counts, layers, landings and the way home. */
package nimblestride.desktop.view.road;
