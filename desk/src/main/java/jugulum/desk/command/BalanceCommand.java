package jugulum.desk.command;

import java.nio.file.Path;
import java.util.List;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.book.json.BatchFile;
import jugulum.core.account.Worked;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Prints the figures of a batch file, the same as the window shows. */
@Command(name = "balance", mixinStandardHelpOptions = true)
final class BalanceCommand extends Speaking {
  @Parameters(paramLabel = "FILE.json", descriptionKey = "usage.balance.file")
  private Path file;

  @Option(names = "--json", descriptionKey = "usage.balance.json")
  private boolean json;

  @Option(
      names = "--unit",
      paramLabel = "UNIT",
      descriptionKey = "usage.balance.unit",
      defaultValue = "GRAM")
  private MassUnit unit;

  BalanceCommand(Words words) {
    super(words);
  }

  @Override
  public Integer call() {
    return switch (TextFile.read(file, BatchFile::read, BatchFile.Faulty::new)) {
      case BatchFile.Read(var batch, var _) -> {
        Worked worked = Worked.of(batch);
        if (json) {
          say(
              JsonMapper.builder()
                  .enable(SerializationFeature.INDENT_OUTPUT)
                  .build()
                  .writeValueAsString(Balance.of(worked)));
        } else {
          BalanceText.of(
                  worked, new Figures(Figures.CHOICE.contains(unit) ? unit : MassUnit.GRAM, words))
              .forEach(this::say);
        }
        yield Exit.OK;
      }
      case BatchFile.Faulty(List<FileFault> faults) -> {
        faults.forEach(fault -> fail(Exit.BAD_FILE, FaultText.of(words, file, fault)));
        yield Exit.BAD_FILE;
      }
    };
  }
}
