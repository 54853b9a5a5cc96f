/** Short help inside the program: topics that can be searched, with examples that open. */
package nimblestride.desktop.workspace.help;
