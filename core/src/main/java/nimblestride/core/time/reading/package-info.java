/** How a long bar can be felt: its readings in the four schools, the most easily felt first. */
package nimblestride.core.time.reading;
