package jugulum.desk.words;

import java.util.ArrayList;
import java.util.List;
import jugulum.core.check.Band;
import jugulum.core.marks.DeckLine;
import jugulum.core.marks.LineMark;
import jugulum.core.marks.MarkLook;
import jugulum.core.marks.OwnMarks;
import jugulum.core.marks.OwnWindow;

/** Says what a bowl's own marks tell. */
public final class MarkWords {
  private MarkWords() {}

  /** When a bowl is run on, and when it is stopped. */
  public static String runOn(Words words) {
    return words.of("run-on", words.plain(OwnMarks.WITHOUT_SAND_MINUTES));
  }

  /** What to set. */
  public static String aim(Words words, OwnWindow window) {
    return window.aim().isPresent()
        ? words.of("marks.aim", words.rounded(window.aim().getAsDouble(), 1))
        : "";
  }

  /** Between what, how far open, and what is not known yet. */
  public static String says(Words words, OwnWindow window) {
    List<String> sentences = new ArrayList<>();
    sentences.add(words.of("marks.state", window.state()));
    window.climbs().ifPresent(climbs -> sentences.add(climbs(words, climbs)));
    window
        .clean()
        .ifPresent(flow -> sentences.add(words.of("marks.clean", words.rounded(flow, 1))));
    if (window.turns().isPresent()) {
      sentences.add(words.of("marks.set", words.rounded(window.turns().getAsDouble(), 2)));
    }
    if (window.rimMm().isPresent()) {
      sentences.add(words.of("marks.rim.at", words.rounded(window.rimMm().getAsDouble(), 1)));
    }
    window
        .stops()
        .ifPresent(flow -> sentences.add(words.of("marks.stops", words.rounded(flow, 1))));
    int specks = window.marks().specks();
    boolean isClean =
        window.marks().looks().stream().noneMatch(look -> look.saw() == MarkLook.Saw.SPECK);
    if (specks > 0 && isClean) {
      sentences.add(
          words.of(
              "marks.loses",
              Integer.toString(specks),
              words.percent(OwnWindow.losesAtMost(specks))));
    }
    return words.of("marks.sentences", words.joined("join.sentences", sentences));
  }

  private static String climbs(Words words, Band climbs) {
    return climbs.high() > climbs.low()
        ? words.of(
            "marks.climbs.range",
            words.rounded(climbs.usual(), 1),
            words.rounded(climbs.low(), 1),
            words.rounded(climbs.high(), 1))
        : words.of("marks.climbs", words.rounded(climbs.usual(), 1));
  }

  /** How a table's line moves, and when it stands. */
  public static String line(Words words, DeckLine line) {
    List<String> said = new ArrayList<>();
    said.add(
        words.of(
            "line.moves",
            words.rounded(line.perDegree(), 1),
            words.rounded(line.lowest(), 1),
            words.rounded(line.highest(), 1)));
    line.perLitre().ifPresent(mm -> said.add(words.of("line.moves.water", words.rounded(mm, 1))));
    line.scatter().ifPresent(off -> said.add(words.of("line.scatter", words.rounded(off, 1))));
    line.stands().ifPresent(wait -> said.add(words.of("line.stands", words.rounded(wait, 0))));
    return String.join(" ", said);
  }

  /** One look at a table's line. */
  public static String line(Words words, LineMark mark) {
    String at = words.rounded(mark.tilt(), 2);
    String mm = words.rounded(mark.lineMm(), 0);
    return mark.water().isPresent()
        ? words.of("line.look.water", at, words.rounded(mark.water().getAsDouble(), 1), mm)
        : words.of("line.look", at, mm);
  }

  /** One look. */
  public static String look(Words words, MarkLook look) {
    String where =
        look.rimMm().isPresent()
            ? words.of(
                "marks.look.rim",
                words.rounded(look.turns(), 3),
                words.rounded(look.rimMm().getAsDouble(), 1),
                words.rounded(look.litresPerMinute(), 2))
            : words.of(
                "marks.look.at",
                words.rounded(look.turns(), 3),
                words.rounded(look.litresPerMinute(), 2));
    return words.of(
        look.isUp() ? "marks.look.up" : "marks.look.down",
        where,
        words.of("marks.saw", look.saw()));
  }
}
