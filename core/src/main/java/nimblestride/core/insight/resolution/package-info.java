/** How a riff that does not fit its bars can be made to close with them. */
package nimblestride.core.insight.resolution;
