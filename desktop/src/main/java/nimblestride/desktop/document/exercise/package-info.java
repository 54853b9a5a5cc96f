/**
 * The one exercise every view shows, its analysis, and its draft on disk. Begin with {@link
 * nimblestride.desktop.document.exercise.ExerciseDocument}.
 */
package nimblestride.desktop.document.exercise;
