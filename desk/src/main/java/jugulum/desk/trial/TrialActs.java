package jugulum.desk.trial;

import javafx.scene.Node;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialRun;

/** What one can do with the trial in sight. */
interface TrialActs {
  /** A contender is to be run, with its spike or with the sand alone. */
  void run(int contender, boolean isBlank);

  /** What was found of a run is to be told. */
  void look(TrialRun run);

  /** A run is not to count. */
  void strike(TrialRun run, String reason);

  /** It is over, or goes on. */
  void close(boolean closed);

  /** What else can be done, beside what is next. */
  Node others(Trial trial);
}
