/**
 * Edits that make a new exercise from an old one, and the history of them. Begin with {@link
 * nimblestride.core.exercise.edit.EditHistory}.
 */
package nimblestride.core.exercise.edit;
