/** Where layers land, when they return, and where they meet: by number theory, not by walking over the cycle. */
package nimblestride.core.layer.alignment;
