/**
 * Engraved drawings on the screen and on the printer. Begin with {@link nimblestride.desktop.view.staff.StaffView}.
 */
package nimblestride.desktop.view.staff;
