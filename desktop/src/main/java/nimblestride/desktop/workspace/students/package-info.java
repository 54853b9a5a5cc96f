/**
 * The lesson page: assignments, what the student did, and what comes next. Begin with {@link
 * nimblestride.desktop.workspace.students.LessonPage}.
 */
package nimblestride.desktop.workspace.students;
