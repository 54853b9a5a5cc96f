/**
 * Students, their assignments, and their lessons. Begin with {@link nimblestride.core.practice.students.Assignment}.
 */
package nimblestride.core.practice.students;
