package jugulum.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.book.backup.Backup;
import jugulum.book.backup.Backups;
import jugulum.book.store.BookCopy;
import jugulum.book.stream.BookProblem;
import jugulum.book.table.Table;
import jugulum.desk.preference.BenchFile;
import jugulum.desk.session.Backing;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** Copies the book into a folder and reads the copy again, or lists the copies there. */
@Command(name = "backup", mixinStandardHelpOptions = true)
final class BackupCommand extends Speaking {
  @ParentCommand private NamesBook top;

  @Parameters(paramLabel = "FOLDER", descriptionKey = "usage.backup.folder")
  private Path folder;

  @Option(names = "--list", descriptionKey = "usage.backup.list")
  private boolean list;

  @Option(names = "--json", descriptionKey = "usage.json")
  private boolean json;

  BackupCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    try {
      if (!Files.isDirectory(folder)) {
        return fail(Exit.BAD_FILE, words.of("backup.folder.none", folder.toString()));
      }
      if (list) {
        return list(Backups.in(folder));
      }
      return switch (top.book()) {
        case BookAt.Served _ -> fail(Exit.BAD_FILE, words.of("backup.served"));
        case BookAt.InFile(Path book) when !Files.exists(book) ->
            fail(Exit.BOOK_PROBLEM, words.of("command.no-book", book.toString()));
        case BookAt.InFile(Path book) -> take(book);
      };
    } catch (BookProblem problem) {
      return fail(Exit.BOOK_PROBLEM, Sentences.copying(words, problem));
    }
  }

  private int take(Path book) {
    Backup made =
        Backing.backups(book, folder, new BenchFile(OwnFiles.bench()), Clock.systemDefaultZone())
            .take(Optional.empty());
    say(words.of("command.backup", made.file().toString()));
    return Exit.OK;
  }

  private int list(List<Backup> all) {
    List<List<Object>> rows = new ArrayList<>();
    for (Backup one : all) {
      Backing.Seen seen = Backing.seen(one);
      Optional<BookCopy> holds = seen.holds();
      rows.add(
          Arrays.asList(
              one.file().toString(),
              one.at().toString(),
              one.book(),
              one.before().orElse(null),
              seen.bytes(),
              holds.map(BookCopy::batches).orElse(null),
              holds.map(BookCopy::rows).orElse(null),
              holds.flatMap(BookCopy::last).map(Object::toString).orElse(null)));
    }
    Table table =
        new Table(
            "backups",
            List.of("file", "made", "book", "before", "bytes", "batches", "rows", "last"),
            rows);
    return TablesOut.print(words, json, table, out());
  }
}
