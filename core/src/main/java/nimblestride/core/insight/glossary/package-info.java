/** What the words of the trade mean. */
package nimblestride.core.insight.glossary;
