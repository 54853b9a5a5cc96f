/** What a layer does against the bars while it is on its way: what it is called, bar by bar, and what is left over. */
package nimblestride.core.layer.crossing;
