package jugulum.book.store;

import java.net.URI;
import java.net.URISyntaxException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.BookProblem.Kind;
import org.jspecify.annotations.Nullable;

/**
 * Where a book is that a server keeps: {@code postgresql://bench@host:port/database?sslmode=…}.
 *
 * <p>It never holds a password: that stands in the usual password file of the database ({@code
 * ~/.pgpass}). Beyond this machine the connection is encrypted and the server has to show who it
 * is, unless the address says otherwise.
 *
 * @param host the server; empty where a service file tells it
 * @param port its port
 * @param database the database that is the book; empty where a service file tells it
 * @param user as whom; empty for what the service file or the system says
 * @param settings further settings, of those known here
 */
public record BookAddress(
    String host, int port, String database, Optional<String> user, Map<String, String> settings) {
  /** How an address of a served book begins. */
  public static final String SCHEME = "postgresql://";

  /** The server's usual port. */
  private static final int USUAL_PORT = 5432;

  /** The schema all of the book is in. */
  static final String SCHEMA = "jugulum";

  private static final String ENCRYPTED = "sslmode";

  /** What an address may set: how it is encrypted and whom it trusts, and the service file. */
  private static final Set<String> KNOWN =
      Set.of(ENCRYPTED, "sslrootcert", "sslcert", "sslkey", "service");

  private static final Set<String> HERE = Set.of("localhost", "127.0.0.1", "[::1]", "::1");

  /** So long one waits for a server to answer at all. Ours. */
  private static final int CONNECT_S = 5;

  /** So long one waits for an answer to a question. Ours. */
  private static final int ANSWER_S = 20;

  /** Keeps its own copy. */
  public BookAddress {
    settings = Collections.unmodifiableMap(new TreeMap<>(settings));
  }

  /** Whether a text is meant to be the address of a served book. */
  public static boolean isOne(String text) {
    return text.startsWith(SCHEME) || text.startsWith("postgres://");
  }

  /**
   * Reads an address.
   *
   * @throws BookProblem of the kind NO_ADDRESS, with what is wrong, but never with what stands
   *     where a password would
   */
  public static BookAddress parse(String text) {
    try {
      URI uri = new URI(text.strip());
      String user = uri.getRawUserInfo() == null ? "" : uri.getRawUserInfo();
      if (user.contains(":")) {
        throw no("a password stands in it");
      }
      Map<String, String> settings = settings(uri.getRawQuery());
      boolean isOfService = settings.containsKey("service");
      String path = uri.getPath() == null ? "" : uri.getPath();
      String database = path.startsWith("/") ? path.substring(1) : path;
      String host = uri.getHost() == null ? "" : uri.getHost();
      if (!isOne(text) || (host.isEmpty() || database.isEmpty()) && !isOfService) {
        throw no("it is written postgresql://bench@server/book");
      }
      if (database.contains("/")) {
        throw no("a database has no / in its name");
      }
      return new BookAddress(
          host,
          uri.getPort() < 0 ? USUAL_PORT : uri.getPort(),
          database,
          Optional.of(decoded(user)).filter(name -> !name.isEmpty()),
          settings);
    } catch (URISyntaxException broken) {
      throw no("it is written postgresql://bench@server/book");
    }
  }

  private static Map<String, String> settings(@Nullable String query) {
    Map<String, String> settings = new LinkedHashMap<>();
    if (query == null || query.isEmpty()) {
      return settings;
    }
    for (String one : query.split("&")) {
      String[] both = one.split("=", 2);
      String name = decoded(both[0]);
      if (name.contains("password")) {
        throw no("a password stands in it");
      }
      if (!KNOWN.contains(name)) {
        throw no("“" + name + "” is not known there");
      }
      settings.put(name, both.length > 1 ? decoded(both[1]) : "");
    }
    return settings;
  }

  private static String decoded(String text) {
    return URLDecoder.decode(text.replace("+", "%2B"), StandardCharsets.UTF_8);
  }

  private static BookProblem no(String what) {
    return new BookProblem(Kind.NO_ADDRESS, SCHEME + "…", what, null);
  }

  /** Whether the server is this machine. */
  public boolean isHere() {
    return HERE.contains(host);
  }

  /** The same book, asked as somebody else. */
  public BookAddress as(String other) {
    return new BookAddress(host, port, database, Optional.of(other), settings);
  }

  /** The address as one writes it; there is nothing secret in it. */
  @Override
  public String toString() {
    String query =
        settings.entrySet().stream()
            .map(one -> one.getKey() + "=" + one.getValue())
            .collect(Collectors.joining("&"));
    return SCHEME
        + user.map(name -> name + "@").orElse("")
        + host
        + (port == USUAL_PORT ? "" : ":" + port)
        + "/"
        + database
        + (query.isEmpty() ? "" : "?" + query);
  }

  /** What people call it: the book and whose machine keeps it. */
  public String name() {
    return settings.containsKey("service") ? settings.get("service") : database + ", " + host;
  }

  /** A name for files that belong to it, of letters, digits and hyphens. */
  public String fileName() {
    String plain =
        String.join("-", host, database, settings.getOrDefault("service", ""))
            .replaceAll("[^A-Za-z0-9]+", "-")
            .replaceAll("^-|-$", "");
    return plain
        + "-"
        + Integer.toHexString((host + port + "/" + database + settings.get("service")).hashCode());
  }

  /** The address as the driver wants it. */
  String url() {
    return "jdbc:postgresql://" + (host.isEmpty() ? "" : host + ":" + port) + "/" + database;
  }

  /** What the driver has to know besides. */
  Properties properties() {
    Properties properties = new Properties();
    properties.setProperty("currentSchema", SCHEMA);
    properties.setProperty("ApplicationName", "jugulum");
    properties.setProperty("connectTimeout", String.valueOf(CONNECT_S));
    properties.setProperty("loginTimeout", String.valueOf(2 * CONNECT_S));
    properties.setProperty("socketTimeout", String.valueOf(ANSWER_S));
    properties.setProperty("tcpKeepAlive", "true");
    // A bench whose cable is pulled in the middle must not hold the others up.
    properties.setProperty(
        "options",
        "-c idle_in_transaction_session_timeout=10s -c lock_timeout=10s -c statement_timeout="
            + ANSWER_S
            + "s");
    properties.setProperty("reWriteBatchedInserts", "true");
    properties.setProperty(ENCRYPTED, isHere() ? "prefer" : "verify-full");
    user.ifPresent(name -> properties.setProperty("user", name));
    settings.forEach(properties::setProperty);
    return properties;
  }
}
