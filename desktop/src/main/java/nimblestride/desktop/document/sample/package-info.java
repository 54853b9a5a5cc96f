/**
 * The sample Book: an invented drum troupe, its exercises, and a season of its log. Begin with {@link
 * nimblestride.desktop.document.sample.SampleBook}.
 */
package nimblestride.desktop.document.sample;
