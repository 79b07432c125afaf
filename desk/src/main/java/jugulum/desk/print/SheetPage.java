package jugulum.desk.print;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import jugulum.core.machine.Dial;
import jugulum.core.machine.Gear;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Symptom;
import jugulum.desk.words.SheetWords;
import jugulum.desk.words.StartWords;
import jugulum.desk.words.Words;

/**
 * What stands on a bench sheet for the wall, as texts.
 *
 * @param title the machine
 * @param what for which batch and cut
 * @param suits the sizes it is good for, and how well this cut suits
 * @param checks to be ticked with a pen
 * @param dials name, where to start, what was set, how to measure
 * @param sums what the settings come to
 * @param symptoms what one sees, and the remedies in order
 * @param cleaning the steps of cleaning out
 * @param cautions what can hurt someone
 */
public record SheetPage(
    String title,
    String what,
    String suits,
    List<String> checks,
    List<List<String>> dials,
    List<String> sums,
    List<List<String>> symptoms,
    List<String> cleaning,
    List<String> cautions) {

  /**
   * The page of a machine.
   *
   * @param name what the machine is called
   * @param feed what it is set up for; empty for the machine in general
   * @param what for which batch and cut
   * @param set how its dials were set, by name
   */
  public static SheetPage of(
      Words words,
      Gear gear,
      String name,
      Optional<StartWords.Feed> feed,
      String what,
      Map<String, Double> set,
      List<String> sums) {
    Sheet sheet = feed.map(one -> gear.sheet(one.cut())).orElseGet(gear::sheet);
    String good =
        words.of(
            "sheet.suits",
            words.plain(sheet.suits().finestMm()),
            words.plain(sheet.suits().coarsestMm()));
    String suits =
        feed.map(one -> words.of("sheet.about", good, words.of("sheet.fit", sheet.fit(one.cut()))))
            .orElse(good);
    List<String> cautions =
        Stream.concat(
                Stream.of(SheetWords.look(words)),
                sheet.cautions().stream().map(one -> SheetWords.caution(words, one)))
            .toList();
    return new SheetPage(
        name,
        what,
        suits,
        sheet.checks().stream().map(one -> SheetWords.check(words, one)).toList(),
        sheet.dials().stream().map(dial -> row(words, dial, sheet, feed, set)).toList(),
        sums,
        sheet.symptoms().stream().map(one -> SheetPage.row(words, one)).toList(),
        sheet.cleaning().stream().map(one -> SheetWords.cleaning(words, one)).toList(),
        cautions);
  }

  /** The same with the checks of one run. */
  public SheetPage checking(Words words, List<String> ids) {
    return new SheetPage(
        title,
        what,
        suits,
        ids.stream().map(one -> SheetWords.check(words, one)).toList(),
        dials,
        sums,
        symptoms,
        cleaning,
        cautions);
  }

  private static List<String> row(
      Words words,
      Dial dial,
      Sheet sheet,
      Optional<StartWords.Feed> feed,
      Map<String, Double> set) {
    String start =
        feed.flatMap(one -> StartWords.target(words, sheet, dial, one))
            .orElseGet(() -> SheetWords.usual(words, dial));
    String noted =
        Optional.ofNullable(set.get(dial.id()))
            .map(
                value ->
                    words.of(
                        "sheet.page.set",
                        words.rounded(value, 2),
                        SheetWords.unit(words, dial.unit())))
            .orElse("");
    return List.of(SheetWords.dial(words, dial.id()), start, noted, SheetWords.how(words, dial));
  }

  private static List<String> row(Words words, Symptom symptom) {
    List<String> remedies = new ArrayList<>();
    for (String cause : symptom.causes()) {
      remedies.add(
          words.of(
              "sheet.page.remedy",
              Integer.toString(remedies.size() + 1),
              SheetWords.cause(words, cause)));
    }
    return List.of(SheetWords.symptom(words, symptom.id()), String.join("  ", remedies));
  }
}
