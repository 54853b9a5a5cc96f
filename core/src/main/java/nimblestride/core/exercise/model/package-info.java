/**
 * The exercise every view shows: sections, bars, layers, tempo. Begin with {@link
 * nimblestride.core.exercise.model.Exercise}.
 */
package nimblestride.core.exercise.model;
