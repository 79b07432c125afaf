package jugulum.desk.season;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jugulum.book.csv.TableCsv;
import jugulum.book.file.WholeFile;
import jugulum.book.table.SeasonTables;
import jugulum.book.table.Table;
import jugulum.book.xlsx.TablesXlsx;
import jugulum.core.season.SeasonAccount;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.FileSet;
import jugulum.desk.files.Saving;
import jugulum.desk.print.SeasonPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** Takes a season out to a page, a spreadsheet, tables, and the whole book to one file. */
final class SeasonFiles {
  private final Words words;
  private final Workbench workbench;
  private final Saving saving;

  SeasonFiles(Workbench workbench, FilePicker picker) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.saving = new Saving(workbench, picker);
  }

  private String title(SeasonAccount account) {
    return words.of(
        "season.file",
        account.year().isPresent()
            ? Integer.toString(account.year().getAsInt())
            : words.of("season.all-years"));
  }

  void print(SeasonAccount account) {
    Figures figures = workbench.preferences().figures().get();
    saving.file(FileKind.PAGES, title(account), () -> SeasonPdf.of(figures, account));
  }

  void sheet(SeasonAccount account) {
    saving.file(FileKind.TABLE, title(account), () -> TablesXlsx.write(SeasonTables.all(account)));
  }

  /** The batches at the place asked for, the other tables beside it. */
  void csv(SeasonAccount account) {
    saving.ask(FileKind.SIZES, title(account), path -> written(account, path));
  }

  private Notice written(SeasonAccount account, Path batches) throws IOException {
    List<Table> all = SeasonTables.all(account);
    Map<String, String> beside = new LinkedHashMap<>();
    all.stream()
        .skip(1)
        .forEach(table -> beside.put("-" + table.name() + ".csv", TableCsv.print(table)));
    FileSet set = FileSet.beside(batches, beside.keySet());
    set.write(TableCsv.print(all.getFirst()), beside);
    return new Notice.Said(words.of("file.saved", String.valueOf(batches)), false);
  }

  /** Every row of the book as one JSON file. */
  void book() {
    saving.ask(
        FileKind.BOOK,
        words.of("season.book.file"),
        path -> {
          WholeFile.write(path, workbench.session()::writeBook);
          return new Notice.Said(words.of("file.saved", String.valueOf(path)), false);
        });
  }
}
