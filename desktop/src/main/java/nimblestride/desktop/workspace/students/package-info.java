/** Lessons: what was set for a student, what they did, and what comes next. */
package nimblestride.desktop.workspace.students;
