/** The Weave: bars stacked as rows, so that a layer's drift against the bar is a slanting thread that comes home. */
package nimblestride.desktop.view.weave;
