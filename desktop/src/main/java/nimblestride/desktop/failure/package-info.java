/**
 * Logs every exception nobody expected, and tells the user. Depends on no other package of the desktop. Begin with
 * {@link nimblestride.desktop.failure.DefectLog}.
 */
package nimblestride.desktop.failure;
