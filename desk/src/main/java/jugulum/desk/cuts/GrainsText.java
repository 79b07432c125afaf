package jugulum.desk.cuts;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import jugulum.core.check.OutOfRange;
import jugulum.core.settling.GrainShapes.Axes;
import jugulum.core.units.NumberText;
import jugulum.desk.entry.Entry;
import jugulum.desk.words.Words;

/**
 * Grains measured under a microscope as they are typed: "0.30x0.25x0.06 0.22x0.20x0.05", length,
 * width and thickness in any one unit.
 */
final class GrainsText {
  private static final Pattern BETWEEN_GRAINS = Pattern.compile("[\\s;]+");
  private static final Pattern BETWEEN_AXES = Pattern.compile("[x×*]");

  private GrainsText() {}

  static Entry<List<Axes>> parse(Words words, String typed) {
    List<Axes> grains = new ArrayList<>();
    for (String grain : BETWEEN_GRAINS.split(typed.strip())) {
      String[] axes = BETWEEN_AXES.split(grain);
      if (axes.length != 3
          || !(NumberText.parse(axes[0]) instanceof NumberText.Number(double one, double _))
          || !(NumberText.parse(axes[1]) instanceof NumberText.Number(double two, double _))
          || !(NumberText.parse(axes[2]) instanceof NumberText.Number(double three, double _))) {
        return new Entry.Bad<>(words.of("grains.bad", grain));
      }
      try {
        grains.add(new Axes(one, two, three));
      } catch (OutOfRange nothing) {
        return new Entry.Bad<>(words.of("grains.bad", grain));
      }
    }
    return new Entry.Value<>(List.copyOf(grains));
  }
}
