/** The room the kit stands in. Begin with {@link nimblestride.sound.room.Room}. */
package nimblestride.sound.room;
