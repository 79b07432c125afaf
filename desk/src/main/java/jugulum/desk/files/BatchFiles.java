package jugulum.desk.files;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.CompletionStage;
import jugulum.book.csv.BatchCsv;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.book.json.BatchFile;
import jugulum.book.stream.PictureCopy;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.desk.session.Workbench;
import jugulum.desk.told.Told;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;
import jugulum.desk.work.Outcome;

/** Takes a batch out to files and in from one, and says what came of it. */
public final class BatchFiles {
  private final Words words;
  private final Workbench workbench;

  private final Saving saving;

  /** For a workbench. */
  public BatchFiles(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
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

  private Notice written(Batch batch, Path json) throws IOException {
    Map<String, String> tables = new TreeMap<>();
    tables.put("-lots.csv", BatchCsv.lots(batch));
    tables.put("-readings.csv", BatchCsv.readings(batch));
    if (!BatchFile.pictures(batch).isEmpty()) {
      tables.put("-specks.csv", BatchCsv.specks(batch));
    }
    FileSet beside = FileSet.beside(json, tables.keySet());
    beside.write(BatchFile.write(batch, workbench.session().picturesOf(batch)), tables);
    return new Notice.Said(
        words.of("file.written", batch.label().name(), String.valueOf(json), beside.stem()), false);
  }

  /** Reads a batch file into the book. */
  public void read(Path json) {
    workbench
        .work()
        .aside(
            () -> TextFile.read(json, BatchFile::read, BatchFile.Faulty::new),
            result -> adopt(json, result));
  }

  private void adopt(Path json, BatchFile.Result result) {
    switch (result) {
      case BatchFile.Faulty(List<FileFault> faults) ->
          workbench.notices().say(faulty(words, json, faults));
      case BatchFile.Read(Batch batch, List<PictureCopy> pictures) ->
          workbench
              .session()
              .begin(batch.id(), List.of(new Edit.Adopt(batch)))
              .thenAccept(
                  outcome -> {
                    if (outcome instanceof Outcome.Recorded) {
                      pictures.forEach(copy -> workbench.session().keep(copy, _ -> {}));
                    }
                    workbench.notices().say(adopted(batch.label().name(), outcome));
                  });
    }
  }

  private Notice adopted(String name, Outcome outcome) {
    return adopted(workbench.preferences().figures().get(), name, outcome);
  }

  /** What came of taking over what a file held. */
  public static Notice adopted(Figures figures, String name, Outcome outcome) {
    Words words = figures.words();
    return switch (outcome) {
      case Outcome.Recorded _ -> new Notice.Said(words.of("file.read", name), false);
      case Outcome.Not not ->
          new Notice.Said(words.of("file.refused", name, Told.why(not, figures)), true);
    };
  }

  /** What is wrong with a file of which nothing was taken. */
  public static Notice faulty(Words words, Path file, List<FileFault> faults) {
    return new Notice.Said(
        words.of(
            "file.faulty",
            String.valueOf(file.getFileName()),
            fault(words, faults.getFirst()),
            Integer.toString(faults.size())),
        true);
  }

  /** A fault with its place. */
  public static String fault(Words words, FileFault fault) {
    return fault.line() > 0
        ? words.of("file.fault", Integer.toString(fault.line()), fault.where(), fault.reason())
        : fault.reason();
  }
}
