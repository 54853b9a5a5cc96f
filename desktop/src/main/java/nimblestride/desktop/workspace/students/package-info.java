/**
 * The Students workspace: assignments, what the student did, and what comes next. Begin with {@link
 * nimblestride.desktop.workspace.students.StudentsWorkspace}.
 */
package nimblestride.desktop.workspace.students;
