import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Prints the tests of what changed and of what rests on it, package by package, for scripts/verify
 * --changed: the names of test classes with commas between. Reads the names of changed files, one a
 * line; nothing is printed where no test is asked for, and "*" where a change may touch everything.
 */
final class ChangedTests {
  private static final Pattern IMPORT =
      Pattern.compile("import (?:static )?(jugulum(?:\\.[a-z]+)+)");

  private ChangedTests() {}

  public static void main(String[] args) throws IOException {
    List<String> changed = new String(System.in.readAllBytes()).lines().toList();
    if (changed.stream().anyMatch(file -> file.endsWith("pom.xml") || file.startsWith(".mvn"))) {
      System.out.println("*");
      return;
    }
    Map<Path, String> sources = new HashMap<>();
    Map<String, Set<String>> restOn = new HashMap<>();
    try (Stream<Path> all = Files.walk(Path.of(""))) {
      for (Path file : all.filter(one -> one.toString().endsWith(".java")).toList()) {
        String path = file.toString().replace('\\', '/');
        if (path.contains("/src/") && !path.contains("/target/")) {
          String text = Files.readString(file);
          sources.put(file, packageOf(path));
          // What tests use leads nowhere: every test of the window uses all of it.
          if (path.contains("/src/main/")) {
            imports(text)
                .forEach(
                    used ->
                        restOn.computeIfAbsent(used, _ -> new TreeSet<>()).add(packageOf(path)));
          }
        }
      }
    }
    Set<String> reached = new TreeSet<>();
    Deque<String> next =
        changed.stream()
            .filter(file -> file.contains("/src/"))
            .map(ChangedTests::packageOf)
            .collect(Collectors.toCollection(ArrayDeque::new));
    while (!next.isEmpty()) {
      String one = next.pop();
      if (reached.add(one)) {
        next.addAll(restOn.getOrDefault(one, Set.of()));
      }
    }
    System.out.println(
        sources.entrySet().stream()
            .filter(
                source ->
                    source.getKey().toString().contains("src" + java.io.File.separator + "test"))
            .filter(source -> reached.contains(source.getValue()))
            .map(source -> source.getKey().getFileName().toString().replace(".java", ""))
            .filter(name -> name.endsWith("Test"))
            .sorted()
            .collect(Collectors.joining(",")));
  }

  private static Set<String> imports(String text) {
    return IMPORT
        .matcher(text)
        .results()
        .map((MatchResult found) -> found.group(1))
        .collect(Collectors.toSet());
  }

  /** The package of a source or of a resource beside one. */
  private static String packageOf(String file) {
    String inside = file.replaceFirst(".*/src/(main|test)/(java|resources)/", "");
    int end = inside.lastIndexOf('/');
    return end < 0 ? "" : inside.substring(0, end).replace('/', '.');
  }
}
