package jugulum.demo.pages;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.Heading;
import org.commonmark.node.Link;
import org.commonmark.node.Node;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;

/**
 * Makes one set of pages of the documents, that a browser shows without a network: the guide, the
 * machines, the science, the words, each searched by the slash key.
 */
public final class MakePages {
  private static final List<Extension> TABLES = List.of(TablesExtension.create());
  private static final Parser PARSER = Parser.builder().extensions(TABLES).build();

  /** A place in the same set of pages. */
  private static final Pattern OWN = Pattern.compile("(?!https?:|mailto:)(.*?)\\.md(#.*)?");

  private static final String HERE = "/jugulum/demo/pages/";

  private final Path from;
  private final Path to;
  private final List<Page> pages = new ArrayList<>();

  /**
   * A page.
   *
   * @param file where it goes, below the set's folder
   * @param title its first heading
   * @param tree what it says
   */
  private record Page(String file, String title, Node tree) {
    /** How one gets from it to the folder of the set. */
    String up() {
      return file.contains("/") ? "../" : "";
    }
  }

  private MakePages(Path from, Path to) {
    this.from = from;
    this.to = to;
  }

  /**
   * The documents a person at the bench reads, in the order of the list; others stay in the source.
   */
  private static final List<String> READ =
      List.of(
          "guide.md",
          "guide_es.md",
          "words.md",
          "machines.md",
          "machines_es.md",
          "scale.md",
          "backups.md",
          "packages.md",
          "together.md",
          "reliability.md",
          "format.md",
          "performance.md");

  /**
   * Makes the pages.
   *
   * @param args the folder of the documents, and the folder to make
   */
  public static void main(String[] args) throws IOException {
    new MakePages(Path.of(args[0]), Path.of(args[1])).make();
  }

  private void make() throws IOException {
    for (String name : READ) {
      if (Files.exists(from.resolve(name))) {
        read(name);
      }
    }
    try (var science = Files.list(from.resolve("science"))) {
      for (Path one : science.sorted().toList()) {
        read("science/" + one.getFileName());
      }
    }
    Files.createDirectories(to.resolve("science"));
    for (Page page : pages) {
      write(page);
    }
    Files.writeString(
        to.resolve("search.js"), "const PAGES = " + index() + ";\n" + text("search.js"));
    Files.writeString(to.resolve("pages.css"), text("pages.css"));
    Files.writeString(to.resolve("index.html"), page("Jugulum", "", list("", ""), ""));
  }

  private void read(String name) throws IOException {
    Node tree = PARSER.parse(Files.readString(from.resolve(name)));
    String file = name.replaceFirst("\\.md$", ".html");
    pages.add(new Page(file, title(tree).orElse(name), tree));
  }

  private static Optional<String> title(Node tree) {
    return tree.getFirstChild() instanceof Heading heading
        ? Optional.of(words(heading))
        : Optional.empty();
  }

  private void write(Page page) throws IOException {
    page.tree().accept(new OwnLinks());
    HtmlRenderer html =
        HtmlRenderer.builder()
            .extensions(TABLES)
            .attributeProviderFactory(
                _ ->
                    (node, _, attributes) -> {
                      if (node instanceof Heading heading) {
                        attributes.put("id", anchor(words(heading)));
                      }
                    })
            .build();
    Files.writeString(
        to.resolve(page.file()),
        page(page.title(), page.up(), list(page.up(), page.file()), html.render(page.tree())));
  }

  /** A link to a document leads to its page; one to what is not in the set stays a word. */
  private static final class OwnLinks extends AbstractVisitor {
    @Override
    public void visit(Link link) {
      var own = OWN.matcher(link.getDestination());
      if (own.matches()) {
        String anchor = own.group(2) == null ? "" : own.group(2);
        link.setDestination(own.group(1) + ".html" + anchor);
      }
      visitChildren(link);
    }
  }

  private String list(String up, String here) {
    StringBuilder all = new StringBuilder();
    for (Page page : pages) {
      all.append(
          "<li><a%s href=\"%s%s\">%s</a></li>%n"
              .formatted(
                  page.file().equals(here) ? " aria-current=\"page\"" : "",
                  up,
                  page.file(),
                  escaped(page.title())));
    }
    return all.toString();
  }

  private static String page(String title, String up, String list, String body) throws IOException {
    return text("page.html")
        .replace("{title}", escaped(title))
        .replace("{up}", up)
        .replace("{list}", list)
        .replace("{body}", body);
  }

  /** Every section as what is searched: its page, heading, place and words. */
  private String index() {
    List<String> sections = new ArrayList<>();
    for (Page page : pages) {
      String heading = page.title();
      StringBuilder said = new StringBuilder();
      for (Node node = page.tree().getFirstChild(); node != null; node = node.getNext()) {
        if (node instanceof Heading next) {
          sections.add(section(page, heading, said));
          heading = words(next);
          said.setLength(0);
        } else {
          said.append(words(node)).append(' ');
        }
      }
      sections.add(section(page, heading, said));
    }
    return "[" + String.join(",\n", sections) + "]";
  }

  private static String section(Page page, String heading, StringBuilder said) {
    return "[%s,%s,%s,%s]"
        .formatted(
            quoted(page.file() + "#" + anchor(heading)),
            quoted(page.title()),
            quoted(heading),
            quoted(said.toString().strip()));
  }

  private static String quoted(String text) {
    return "\""
        + text.replace("\\", "\\\\")
            .replace("\"", "\\\"")
            .replace("\n", " ")
            .replace("<", "\\u003c")
        + "\"";
  }

  private static String words(Node node) {
    StringBuilder words = new StringBuilder();
    node.accept(
        new AbstractVisitor() {
          @Override
          public void visit(Text text) {
            words.append(text.getLiteral()).append(' ');
          }

          @Override
          public void visit(Code code) {
            words.append(code.getLiteral()).append(' ');
          }
        });
    return words.toString().strip().replaceAll(" +", " ");
  }

  /** As the usual places make them of a heading. */
  private static String anchor(String heading) {
    return heading.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N} -]", "").replace(' ', '-');
  }

  private static String escaped(String text) {
    return text.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
  }

  private static String text(String name) throws IOException {
    try (var in = Objects.requireNonNull(MakePages.class.getResourceAsStream(HERE + name), name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }
}
