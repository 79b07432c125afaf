package jugulum.demo.pages;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The documents as pages that hang together and ask for no network. */
class MakePagesTest {
  private static final Pattern LEADS = Pattern.compile("(?:href|src)=\"([^\"]*)\"");

  @TempDir private static Path folder;

  @BeforeAll
  static void make() throws IOException {
    MakePages.main(new String[] {"../docs", folder.toString()});
  }

  private static List<Path> pages() throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.filter(file -> file.toString().endsWith(".html")).toList();
    }
  }

  @Test
  void everyDocumentOfTheBenchIsAPage() throws IOException {
    assertThat(folder.resolve("index.html"))
        .content()
        .contains(
            "What each view answers",
            "Bench sheets",
            "Words of the trade",
            "Qué responde cada vista");
    try (Stream<Path> science = Files.list(Path.of("../docs/science"))) {
      assertThat(science.map(one -> one.getFileName().toString().replace(".md", ".html")))
          .allSatisfy(name -> assertThat(folder.resolve("science").resolve(name)).exists());
    }
  }

  @Test
  void everyWayLeadsSomewhereAndNoneOut() throws IOException {
    TreeSet<String> lost = new TreeSet<>();
    for (Path page : pages()) {
      String html = Files.readString(page);
      for (MatchResult way : LEADS.matcher(html).results().toList()) {
        String there = URLDecoder.decode(way.group(1), StandardCharsets.UTF_8);
        String file = there.replaceFirst("#.*", "");
        boolean isOut = there.matches("https?:.*");
        boolean isPage = file.endsWith(".html");
        if (isOut && way.group().startsWith("src")
            || isPage && !Files.exists(page.resolveSibling(file))) {
          lost.add(folder.relativize(page) + " -> " + there);
        }
      }
    }
    assertThat(lost).isEmpty();
  }

  @Test
  void everySectionCanBeFound() throws IOException {
    String search = Files.readString(folder.resolve("search.js"));
    assertThat(search).contains("settling window", "relaves", "mesa concentradora");
    assertThat(search).doesNotContain("</script");
  }
}
