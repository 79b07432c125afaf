package jugulum.desk.command;

import java.nio.file.Path;

/** What stands before a command and says which book it works on. */
interface NamesBook {
  /** The book named on the command line, else one's own. */
  Path book();
}
