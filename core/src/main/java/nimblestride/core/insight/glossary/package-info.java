/** The terms of the trade and what they mean. Begin with {@link nimblestride.core.insight.glossary.Glossary}. */
package nimblestride.core.insight.glossary;
