/** Care for ears and hands where practice is planned. */
package nimblestride.core.practice.care;
