package jugulum.desk.trial;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import jugulum.book.csv.TableCsv;
import jugulum.book.file.FileFault;
import jugulum.book.file.TextFile;
import jugulum.book.json.TrialFile;
import jugulum.book.table.TrialTables;
import jugulum.core.trial.Trial;
import jugulum.core.trial.TrialEdit;
import jugulum.core.trial.TrialId;
import jugulum.desk.files.BatchFiles;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.FileSet;
import jugulum.desk.files.Saving;
import jugulum.desk.follow.Trials;
import jugulum.desk.print.TrialPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** Takes a trial out to files and to a page, and in from a file, and says what came of it. */
final class TrialFiles {
  private final Words words;
  private final Workbench workbench;
  private final FilePicker picker;
  private final Saving saving;

  TrialFiles(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.picker = picker;
    this.saving = new Saving(workbench, picker);
  }

  /** Asks where to, and writes it as JSON there, and its two tables beside it. */
  void save(Trial trial) {
    String bench = workbench.preferences().benchName();
    Trial signed = trial.signed(bench.isBlank() ? words.of("trial.somebody") : bench);
    saving.ask(FileKind.TRIAL, trial.name(), path -> written(words, signed, path));
  }

  private static Notice written(Words words, Trial trial, Path json) throws IOException {
    Map<String, String> tables =
        Map.of(
            "-runs.csv",
            TableCsv.print(TrialTables.runs(trial)),
            "-shown.csv",
            TableCsv.print(TrialTables.shown(trial)));
    FileSet beside = FileSet.beside(json, tables.keySet());
    beside.write(TrialFile.write(trial), tables);
    return new Notice.Said(
        words.of("trial.file.written", trial.name(), String.valueOf(json), beside.stem()), false);
  }

  /** Prints it on one page. */
  void print(Trials.Shown shown) {
    Figures figures = workbench.preferences().figures().get();
    saving.file(
        FileKind.SHEET,
        shown.trial().name(),
        () -> TrialPdf.of(figures, shown.trial(), shown.result()));
  }

  /** Asks for a file, and takes the trial in it into the book, as the one's who made it. */
  void read(Consumer<TrialId> then) {
    picker
        .toOpen(FileKind.TRIAL)
        .ifPresent(
            json ->
                workbench
                    .work()
                    .aside(
                        () -> TextFile.read(json, TrialFile::read, TrialFile.Faulty::new),
                        result -> adopt(json, result, then)));
  }

  private void adopt(Path json, TrialFile.Result result, Consumer<TrialId> then) {
    switch (result) {
      case TrialFile.Faulty(List<FileFault> faults) ->
          workbench.notices().say(BatchFiles.faulty(words, json, faults));
      case TrialFile.Read(Trial trial) -> {
        Trial taken = trial.signed(words.of("trial.somebody"));
        workbench
            .trials()
            .submit(taken.id(), List.of(new TrialEdit.TakeOver(taken)))
            .thenAccept(
                outcome -> {
                  then.accept(taken.id());
                  workbench
                      .notices()
                      .say(
                          BatchFiles.adopted(
                              workbench.preferences().figures().get(), taken.name(), outcome));
                });
      }
    }
  }
}
