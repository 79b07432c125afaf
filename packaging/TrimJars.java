import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.jar.JarFile;
import java.util.regex.Pattern;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;

/**
 * Copies the program's jars into a folder and leaves out what no machine of this kind reads: the
 * native libraries of other systems, and data of a library for what the program never asks of it.
 * Two runs write the same bytes: entries in their order, all of one date.
 *
 * <p>{@code java TrimJars.java CLASSPATH FOLDER SYSTEM}, where the class path is a file of paths
 * with colons between them and the system is one of linux-x64, linux-aarch64, mac-x64, mac-aarch64,
 * windows-x64. Prints the names of the copies, in the order of the class path.
 */
public final class TrimJars {
  private static final LocalDateTime ALL_OF_ONE_DATE = LocalDateTime.of(2026, 1, 1, 0, 0);

  /** Where libraries keep what only one kind of machine reads. */
  private static final List<Pattern> NATIVE =
      List.of(
          Pattern.compile("org/sqlite/native/.+"),
          Pattern.compile(
              "(Windows|Linux|Solaris|FreeBSD|OSX|Android|OpenBSD)/[^/]+/.*jSerialComm.*"),
          Pattern.compile("com/sun/jna/[a-z0-9]+-[a-z0-9-]+/.+"),
          Pattern.compile("resources/com/pty4j/native/.+"));

  /**
   * Only messages with plurals are asked of that library: no line breaks of Asian scripts, no
   * transliteration, no order of words.
   */
  private static final Pattern NEVER_ASKED =
      Pattern.compile(
          "com/ibm/icu/impl/data/icudata/(brkitr|translit|coll|rbnf|curr|lang|region)/"
              + "(?!pool|root|res_index|en|es|ucadata|supplemental).+"
              + "|.*/module-info\\.class");

  /** An empty jar that only names others. */
  private static final Pattern OF_NO_SYSTEM =
      Pattern.compile("javafx-(base|graphics|controls)-[0-9.]+\\.jar");

  private TrimJars() {}

  private static Pattern natives(String system) {
    return switch (system) {
      case "linux-x64" -> of("Linux/x86_64", "Linux/x86_64", "linux-x86-64", "linux/x86-64");
      case "linux-aarch64" ->
          of("Linux/aarch64", "Linux/armv8_64", "linux-aarch64", "linux/aarch64");
      case "mac-x64" -> of("Mac/x86_64", "OSX/x86_64", "darwin-x86-64", "darwin");
      case "mac-aarch64" -> of("Mac/aarch64", "OSX/aarch64", "darwin-aarch64", "darwin");
      case "windows-x64" -> of("Windows/x86_64", "Windows/x86_64", "win32-x86-64", "win/x86-64");
      default -> throw new IllegalArgumentException("of no system we know: " + system);
    };
  }

  /** What each of the libraries calls that kind of machine. */
  private static Pattern of(String sqlite, String serial, String jna, String pty) {
    return Pattern.compile(
        "org/sqlite/native/%s/.+|%s/.+|com/sun/jna/%s/.+|.*/native/%s/.+"
            .formatted(sqlite, serial, jna, pty));
  }

  public static void main(String[] args) throws IOException {
    Path folder = Files.createDirectories(Path.of(args[1]));
    Pattern ours = natives(args[2]);
    List<String> names = new ArrayList<>();
    for (String jar : Files.readString(Path.of(args[0])).strip().split(":")) {
      Path from = Path.of(jar);
      String name = from.getFileName().toString();
      if (!OF_NO_SYSTEM.matcher(name).matches()) {
        // Two libraries may have jars of one name.
        String copy = names.contains(name) ? names.size() + "-" + name : name;
        names.add(copy);
        copy(from, folder.resolve(copy), ours);
      }
    }
    names.forEach(System.out::println);
  }

  /** Folders stay: who looks for what lies in one asks for it by its name. */
  private static boolean isKept(String entry, Pattern ours) {
    boolean isNative = NATIVE.stream().anyMatch(one -> one.matcher(entry).matches());
    return !NEVER_ASKED.matcher(entry).matches() && (!isNative || ours.matcher(entry).matches());
  }

  private static void copy(Path from, Path to, Pattern ours) throws IOException {
    try (JarFile jar = new JarFile(from.toFile());
        OutputStream file = new BufferedOutputStream(Files.newOutputStream(to));
        ZipOutputStream out = new ZipOutputStream(file)) {
      // What holds them is packed as a whole, and they are read quicker.
      out.setLevel(Deflater.NO_COMPRESSION);
      for (var entries = jar.entries(); entries.hasMoreElements(); ) {
        ZipEntry entry = entries.nextElement();
        if (isKept(entry.getName(), ours)) {
          ZipEntry copied = new ZipEntry(entry.getName());
          copied.setTimeLocal(ALL_OF_ONE_DATE);
          out.putNextEntry(copied);
          try (BufferedInputStream in = new BufferedInputStream(jar.getInputStream(entry))) {
            in.transferTo(out);
          }
          out.closeEntry();
        }
      }
    }
  }
}
