package jugulum.desk.files;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import javafx.application.Platform;
import jugulum.book.csv.BatchCsv;
import jugulum.book.json.BatchFile;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.desk.workbench.Notice;
import jugulum.desk.workbench.Outcome;
import jugulum.desk.workbench.Workbench;
import jugulum.desk.words.Words;

/** Takes a batch out to files and in from one, and says what came of it. */
public final class BatchFiles {
  private final Workbench workbench;

  private final Saving saving;

  /** For a workbench. */
  public BatchFiles(Workbench workbench, FilePicker picker) {
    this.workbench = workbench;
    this.saving = new Saving(workbench, picker);
  }

  /** Asks where to, and writes the batch as JSON there, and its two tables beside it. */
  public void save(Batch batch) {
    saving.ask(FileKind.BATCH, batch.label().name(), path -> written(batch, path));
  }

  /** Writes the batch as JSON there, and its two tables beside it. */
  public CompletionStage<Void> write(Batch batch, Path json) {
    return saving.write(json, path -> written(batch, path));
  }

  private static Notice written(Batch batch, Path json) throws IOException {
    Map<String, String> tables = Map.of("-lots.csv", BatchCsv.lots(batch), "-readings.csv", BatchCsv.readings(batch));
    FileSet beside = FileSet.beside(json, tables.keySet());
    Files.writeString(json, BatchFile.write(batch));
    beside.write(tables);
    return new Notice(Words.of("file.written", batch.label().name(), String.valueOf(json), beside.stem()), false);
  }

  /** Reads a batch file into the book. */
  public CompletionStage<Outcome> read(Path json) {
    return CompletableFuture.supplyAsync(() -> TextFile.read(json, BatchFile::read, BatchFile.Faulty::new)).thenComposeAsync(result -> adopt(json, result), Platform::runLater).exceptionallyAsync(workbench::refuse, Platform::runLater);
  }

  private CompletionStage<Outcome> adopt(Path json, BatchFile.Result result) {
    return switch (result) {
      case BatchFile.Faulty(List<FileFault> faults) -> {
        String sentence = Words.of("file.faulty", String.valueOf(json.getFileName()), fault(faults.getFirst()), Integer.toString(faults.size()));
        workbench.say(new Notice(sentence, true));
        yield CompletableFuture.completedFuture(new Outcome.Refused(sentence));
      }
      case BatchFile.Read(Batch batch) ->
          workbench
              .submit(batch.id(), List.of(new Edit.Adopt(batch)))
              .thenApply(
                  outcome -> {
                    workbench.say(
                        switch (outcome) {
                          case Outcome.Recorded _ -> new Notice(Words.of("file.read", batch.label().name()), false);
                          case Outcome.Refused(String sentence) -> new Notice(Words.of("file.refused", batch.label().name(), sentence), true);
                        });
                    return outcome;
                  });
    };
  }

  /** A fault with its place. */
  public static String fault(FileFault fault) {
    return fault.line() > 0 ? Words.of("file.fault", Integer.toString(fault.line()), fault.where(), fault.reason()) : fault.reason();
  }
}
