/** What happens to defects: failures nobody expected. Begin with {@link nimblestride.desktop.failure.DefectLog}. */
package nimblestride.desktop.failure;
