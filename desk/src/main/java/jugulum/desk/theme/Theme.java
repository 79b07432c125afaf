package jugulum.desk.theme;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
import javafx.scene.Scene;
import javafx.scene.text.Font;
import jugulum.desk.preference.Preferences.ThemeName;
import jugulum.desk.session.Workbench;

/** Puts fonts and colours on a scene. */
public final class Theme {
  private static final double ANY_SIZE = 14;

  private Theme() {}

  /** Keeps a scene in the look chosen at the workbench. */
  public static void dress(Scene scene, Workbench workbench) {
    for (String file : List.of("B612-Regular.otf", "B612-Bold.otf", "B612-Italic.otf")) {
      Font.loadFont(Theme.class.getResourceAsStream("/jugulum/desk/font/" + file), ANY_SIZE);
    }
    put(scene, workbench.preferences().theme().get());
    workbench.watch(workbench.preferences().theme(), name -> put(scene, name));
  }

  private static void put(Scene scene, ThemeName name) {
    String colours = name.name().toLowerCase(Locale.ROOT).replace('_', '-') + ".css";
    scene.getStylesheets().setAll(sheet(colours), sheet("jugulum.css"));
  }

  private static String sheet(String file) {
    return Objects.requireNonNull(Theme.class.getResource("/jugulum/desk/theme/" + file), file)
        .toExternalForm();
  }
}
