package jugulum.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.book.Books;
import jugulum.book.store.BookAddress;
import jugulum.book.store.Move;
import jugulum.book.store.ServedSchema;
import jugulum.book.stream.Book;
import jugulum.book.stream.BookProblem;
import jugulum.book.stream.Saved;
import jugulum.book.stream.SetAside;
import jugulum.book.stream.Writer;
import jugulum.book.table.Table;
import jugulum.book.together.Exchange;
import jugulum.book.together.Together;
import jugulum.desk.words.Edits;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.ParentCommand;

/** A book that several benches share, kept by a server. */
@Command(
    name = "together",
    mixinStandardHelpOptions = true,
    subcommands = {
      TogetherCommand.Init.class,
      TogetherCommand.State.class,
      TogetherCommand.Copy.class,
      TogetherCommand.Aside.class
    })
final class TogetherCommand extends Speaking implements NamesBook {
  @ParentCommand private NamesBook top;

  TogetherCommand(Words words) {
    super(words);
  }

  @Override
  public BookAt book() {
    return top.book();
  }

  @Override
  public Integer call() {
    return fail(Exit.BAD_FILE, words.of("command.together.which"));
  }

  /** Makes tables and the role of the benches. */
  @Command(name = "init", mixinStandardHelpOptions = true)
  static final class Init extends Speaking {
    @Parameters(index = "0", paramLabel = "ADDRESS", descriptionKey = "usage.together.admin")
    private String address;

    @Option(names = "--role", paramLabel = "ROLE", descriptionKey = "usage.together.role")
    private String role = "bench";

    Init(Words words) {
      super(words);
    }

    @Override
    public Integer call() {
      try {
        BookAddress where = BookAddress.parse(address);
        for (ServedSchema.Done done : ServedSchema.init(where, role)) {
          say(words.of("command.together.init", done, role, where.as(role).toString()));
        }
        return Exit.OK;
      } catch (BookProblem problem) {
        return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, problem));
      }
    }
  }

  /** Copies a whole book to a server, or from one. */
  @Command(name = "copy", mixinStandardHelpOptions = true)
  static final class Copy extends Speaking {
    @Parameters(index = "0", paramLabel = "FROM", descriptionKey = "usage.together.from")
    private String from;

    @Parameters(index = "1", paramLabel = "TO", descriptionKey = "usage.together.to")
    private String to;

    Copy(Words words) {
      super(words);
    }

    @Override
    public Integer call() {
      if (BookAddress.isOne(from) == BookAddress.isOne(to)) {
        return fail(Exit.BAD_FILE, words.of("command.together.copy.which"));
      }
      try {
        Clock clock = Clock.systemUTC();
        Move move =
            BookAddress.isOne(to)
                ? Books.there(Path.of(from), BookAddress.parse(to), Writer.unnamed(clock))
                : Move.back(BookAddress.parse(from), Path.of(to), clock);
        say(
            words.of(
                "command.together.copied",
                Long.toString(move.rows()),
                Integer.toString(move.pictures()),
                to));
        return Exit.OK;
      } catch (BookProblem problem) {
        return fail(Exit.BOOK_PROBLEM, Sentences.problem(words, problem));
      }
    }
  }

  /** A command about the book named before it, which a server must keep. */
  abstract static class OfServed extends BookCommand {
    OfServed(Words words) {
      super(words);
    }

    @Override
    protected final int with(Book book) {
      return together()
          .map(this::with)
          .orElseGet(() -> fail(Exit.BAD_FILE, words.of("command.together.not-served")));
    }

    abstract int with(Together together);
  }

  /** Says how it stands between this bench and the server. */
  @Command(name = "status", mixinStandardHelpOptions = true)
  static final class State extends OfServed {
    @Option(names = "--json", descriptionKey = "usage.json")
    private boolean json;

    State(Words words) {
      super(words);
    }

    @Override
    int with(Together together) {
      Exchange.Status status = together.status();
      Table table =
          new Table(
              "together",
              List.of("book", "connected", "rows", "waiting", "set_aside", "benches", "why"),
              List.of(
                  Arrays.asList(
                      together.address().toString(),
                      status.isConnected(),
                      together.book().length(),
                      status.waiting(),
                      status.aside(),
                      together.others().stream()
                          .map(one -> one.name().isEmpty() ? one.bench() : one.name())
                          .collect(Collectors.joining(", ")),
                      status.problem().map(one -> Sentences.problem(words, one)).orElse(null))));
      return TablesOut.print(words, json, table, out());
    }
  }

  /** Lists what was set aside at this bench, does one again or lets it go. */
  @Command(name = "setaside", mixinStandardHelpOptions = true)
  static final class Aside extends OfServed {
    @Option(names = "--json", descriptionKey = "usage.json")
    private boolean json;

    @Option(names = "--again", paramLabel = "ID", descriptionKey = "usage.together.again")
    private Optional<Long> again = Optional.empty();

    @Option(names = "--let-go", paramLabel = "ID", descriptionKey = "usage.together.let-go")
    private Optional<Long> letGo = Optional.empty();

    @Option(names = "--reason", paramLabel = "WHY", descriptionKey = "usage.together.reason")
    private String reason = "";

    Aside(Words words) {
      super(words);
    }

    @Override
    int with(Together together) {
      Optional<Long> wanted = again.or(() -> letGo);
      if (wanted.isEmpty()) {
        return list(together.setAside());
      }
      Optional<SetAside> found =
          together.setAside().stream()
              .filter(one -> one.id() == wanted.get() && one.state() == SetAside.State.OPEN)
              .findFirst();
      if (found.isEmpty()) {
        return fail(Exit.BAD_FILE, words.of("command.together.no-aside", wanted.get().toString()));
      }
      return again.isPresent() ? again(together, found.get()) : letGo(together, found.get());
    }

    private int again(Together together, SetAside one) {
      if (!one.mayBeAgain()) {
        return fail(Exit.BAD_FILE, words.of("together.not-again"));
      }
      return switch (together.again(one)) {
        case Saved.Recorded _ -> {
          say(words.of("command.together.again"));
          yield Exit.OK;
        }
        case Saved.Refused(var refusal) ->
            fail(Exit.BAD_FILE, Sentences.refusal(refusal, figures()));
      };
    }

    private int letGo(Together together, SetAside one) {
      if (reason.isBlank()) {
        return fail(Exit.BAD_FILE, words.of("together.reason-missing"));
      }
      together.letGo(one, reason.strip());
      say(words.of("command.together.let-go"));
      return Exit.OK;
    }

    private int list(List<SetAside> all) {
      List<List<Object>> rows = new ArrayList<>();
      for (SetAside one : all) {
        rows.add(
            Arrays.asList(
                one.id(),
                one.at().toString(),
                Edits.said(one.what(), figures()),
                Sentences.refusal(one.why(), figures()),
                one.state().name(),
                one.mayBeAgain(),
                one.note()));
      }
      Table table =
          new Table(
              "set_aside",
              List.of("id", "at", "what", "why", "state", "may_be_again", "reason"),
              rows);
      return TablesOut.print(words, json, table, out());
    }
  }
}
