/**
 * Rules that move notes of a line around the kit. Begin with {@link
 * nimblestride.core.kit.orchestration.OrchestrationRule}.
 */
package nimblestride.core.kit.orchestration;
