/** Students, what is set for them, and the lessons they have. */
package nimblestride.core.practice.students;
