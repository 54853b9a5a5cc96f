/**
 * Failures the program can explain to the person using it. Every other exception is a defect and goes to the log.
 * Begin with {@link nimblestride.core.foundation.failure.StrideException}.
 */
package nimblestride.core.foundation.failure;
