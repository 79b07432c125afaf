package jugulum.desk.command;

import java.util.Collections;
import java.util.Enumeration;
import java.util.ResourceBundle;
import jugulum.desk.words.Words;
import org.jspecify.annotations.Nullable;

/** The texts of the command line, as its library asks for them. */
final class UsageTexts extends ResourceBundle {
  private final Words words;

  UsageTexts(Words words) {
    this.words = words;
  }

  @Override
  protected @Nullable Object handleGetObject(String key) {
    return words.has(key) ? words.of(key) : null;
  }

  @Override
  public Enumeration<String> getKeys() {
    return Collections.enumeration(words.language().texts().keySet());
  }
}
