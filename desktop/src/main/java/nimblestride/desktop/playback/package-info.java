/** Playing what lies on the desk, and showing what is heard. */
package nimblestride.desktop.playback;
