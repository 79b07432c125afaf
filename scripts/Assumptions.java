import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Prints docs/science/assumptions.md from the sources: every constant whose Javadoc says that it is
 * ours or from memory, with value, unit, place and what it moves if it is off by a half; then
 * everything else that says so. A test compares the two.
 */
final class Assumptions {
  private static final Pattern CONSTANT =
      Pattern.compile(
          "/\\*\\*((?:(?!\\*/).)*)\\*/\\s*((?:public |private |protected )?static final"
              + " [^=;]*?(\\w+)\\s*=\\s*([^;]*);)",
          Pattern.DOTALL);
  private static final Pattern DOC = Pattern.compile("/\\*\\*((?:(?!\\*/).)*)\\*/", Pattern.DOTALL);
  private static final Pattern SAYS = Pattern.compile("\\bours\\b(?! everywhere)|from memory");
  private static final String OFF = "Off by a half:";
  private static final Map<String, String> UNITS = new LinkedHashMap<>();

  static {
    UNITS.put("_KG_PER_HOUR", "kg/h");
    UNITS.put("_KG_M2", "kg/m²");
    UNITS.put("_L_MIN", "L/min");
    UNITS.put("_GCM3", "g/cm³");
    UNITS.put("_MPS", "m/s");
    UNITS.put("_DEGREES", "°");
    UNITS.put("_MINUTES", "min");
    UNITS.put("_MM", "mm");
    UNITS.put("_MG", "mg");
    UNITS.put("_G", "g");
    UNITS.put("_S", "s");
    UNITS.put("_M", "m");
  }

  private Assumptions() {}

  public static void main(String[] args) throws IOException {
    List<String> constants = new ArrayList<>();
    List<String> others = new ArrayList<>();
    List<Path> files;
    try (Stream<Path> all = Files.walk(Path.of(args.length > 0 ? args[0] : ""))) {
      files =
          all.filter(one -> one.toString().replace('\\', '/').matches(".*src/main/java/.*\\.java"))
              .filter(one -> !one.toString().contains("target"))
              .sorted(java.util.Comparator.comparing(Assumptions::place))
              .toList();
    }
    for (Path file : files) {
      String text = Files.readString(file);
      Matcher constant = CONSTANT.matcher(text);
      List<String> told = new ArrayList<>();
      while (constant.find()) {
        String doc = plain(constant.group(1));
        told.add(doc);
        if (SAYS.matcher(doc).find()) {
          int off = doc.indexOf(OFF);
          constants.add(
              row(
                  off < 0 ? doc : doc.substring(0, off).strip(),
                  constant.group(4).replaceAll("\\s+", " ").strip(),
                  unit(constant.group(3)),
                  place(file) + "." + constant.group(3),
                  off < 0 ? "not told" : doc.substring(off + OFF.length()).strip()));
        }
      }
      Matcher doc = DOC.matcher(text);
      while (doc.find()) {
        String said = plain(doc.group(1));
        if (!told.contains(said)) {
          sentences(said)
              .filter(one -> SAYS.matcher(one).find())
              .forEach(one -> others.add(row(one, place(file))));
        }
      }
    }
    System.out.println(
        """
        # What is assumed

        Made by `java scripts/Assumptions.java > docs/science/assumptions.md`; a test compares it with
        the sources, where each stands once. “Ours” is a figure nobody measured for us, “from memory”
        one whose source was not at hand.

        ## Numbers, and what they move

        | what | value | unit | place | off by a half it moves |
        |---|---|---|---|---|\
        """);
    constants.forEach(System.out::println);
    System.out.println(
        """

        ## What else rests on memory or is ours

        | said | place |
        |---|---|\
        """);
    others.forEach(System.out::println);
  }

  private static Stream<String> sentences(String doc) {
    return Stream.of(
        doc.split(" @(?:param|return|throws)")[0].split("(?<=[a-z0-9)°]\\.)\\s+(?=[A-Z])"));
  }

  private static String row(String... cells) {
    return "| " + String.join(" | ", cells).replace("\n", " ") + " |";
  }

  private static String plain(String doc) {
    return doc.replaceAll("\\s*\\n\\s*\\*[ \\t]?", " ")
        .replaceAll("<p>", "")
        .replaceAll("\\{@(?:code|link)\\s+#?([^}]*)}", "$1")
        .replace("|", "/")
        .replaceAll("\\s+", " ")
        .strip();
  }

  private static String unit(String name) {
    return UNITS.entrySet().stream()
        .filter(unit -> name.endsWith(unit.getKey()))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse("");
  }

  private static String place(Path file) {
    return file.toString()
        .replace('\\', '/')
        .replaceFirst(".*src/main/java/jugulum/", "")
        .replace(".java", "")
        .replace('/', '.');
  }
}
