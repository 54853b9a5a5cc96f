/** What has been practised, and what that says: minutes, tempos, what stays hard, what has been left lying. */
package nimblestride.core.practice.journal;
