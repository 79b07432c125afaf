package jugulum.desk.command;

/** What stands before a command and says which book it works on. */
interface NamesBook {
  /**
   * The book named on the command line, else one's own.
   *
   * @throws jugulum.book.stream.BookProblem where an address is none
   */
  BookAt book();
}
