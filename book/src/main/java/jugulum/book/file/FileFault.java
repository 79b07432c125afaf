package jugulum.book.file;

/**
 * One thing wrong with a file.
 *
 * @param line the line it is on, from 1; 0 where it cannot be placed
 * @param column the column, from 1; 0 where it cannot be placed
 * @param where the place: a JSON pointer, or the name of a column; empty for the file as a whole
 * @param reason what is wrong, a plain sentence part in English
 */
public record FileFault(int line, int column, String where, String reason) {}
