/**
 * Answers without a window: {@code report} and {@code export}. Depends on {@code core}, {@code files}, {@code
 * formats}, and {@code sound}. Begin with {@link nimblestride.terminal.StrideCommand}.
 */
package nimblestride.terminal;
