package jugulum.desk.words;

import jugulum.core.gold.Stage;

/** Writes what a step did to the gold. */
public final class StageWords {
  private StageWords() {}

  /** The share that went on, with what lots nobody looked at make of it. */
  public static String recovery(Words words, Stage stage) {
    if (stage.recovery().isEmpty()) {
      return words.of("account.stage.open");
    }
    String share = words.percent(stage.recovery().get().usual());
    return switch (stage.bound()) {
      case TOLD -> share;
      case AT_MOST -> words.of("recovery.at-most", share);
      case AT_LEAST -> words.of("account.at-least", share);
      case OPEN -> words.of("account.stage.open");
    };
  }
}
