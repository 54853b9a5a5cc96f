/**
 * Holds the open exercise with its history, and the open Book. Depends on {@code async} and {@code service}. Begin
 * with {@link nimblestride.desktop.document.exercise.ExerciseDocument}.
 */
package nimblestride.desktop.document;
