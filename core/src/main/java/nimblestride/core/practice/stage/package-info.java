/**
 * The stages that lead to an exercise, and the exercise each one plays. Begin with {@link
 * nimblestride.core.practice.stage.StageSuggestions}.
 */
package nimblestride.core.practice.stage;
