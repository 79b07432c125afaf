package jugulum.desk.board;

/**
 * A column of the board.
 *
 * @param kind what is done in it
 * @param repetition 1, or more where sand that was screened is screened again: finer rows then
 *     start further right
 */
public record Column(ColumnKind kind, int repetition) {}
