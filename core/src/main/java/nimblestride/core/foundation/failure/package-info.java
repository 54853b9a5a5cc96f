/** Failures the program can explain to the person using it. Everything else is a defect, and is logged. */
package nimblestride.core.foundation.failure;
