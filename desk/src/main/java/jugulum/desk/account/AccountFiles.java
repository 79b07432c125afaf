package jugulum.desk.account;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jugulum.book.csv.TableCsv;
import jugulum.book.json.BatchFile;
import jugulum.book.table.AccountTables;
import jugulum.book.table.Table;
import jugulum.book.xlsx.TablesXlsx;
import jugulum.core.account.Account;
import jugulum.core.ledger.Batch;
import jugulum.desk.files.FileKind;
import jugulum.desk.files.FilePicker;
import jugulum.desk.files.FileSet;
import jugulum.desk.files.Saving;
import jugulum.desk.print.AccountPdf;
import jugulum.desk.print.LabelSize;
import jugulum.desk.print.LabelsPdf;
import jugulum.desk.print.SettlementPdf;
import jugulum.desk.session.Workbench;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Words;
import jugulum.desk.work.Notice;

/** Writes the account as pages to print and as tables, while the window goes on. */
final class AccountFiles {
  private final Words words;
  private final Workbench workbench;
  private final Saving saving;
  private final Clock clock;

  AccountFiles(Workbench workbench, FilePicker picker, Clock clock) {
    this.words = workbench.words();
    this.workbench = workbench;
    this.saving = new Saving(workbench, picker);
    this.clock = clock;
  }

  private static String name(Account account) {
    return account.network().batch().label().name();
  }

  private Optional<Account> account() {
    Optional<Account> account = workbench.accountWork().account().get();
    if (account.isEmpty()) {
      workbench.notices().say(new Notice.Said(words.of("account.save.none"), true));
    }
    return account;
  }

  void sheet() {
    List<Double> containersG = workbench.projections().shop().get().containersG();
    Figures figures = workbench.preferences().figures().get();
    account()
        .ifPresent(
            account ->
                saving.file(
                    FileKind.PAGES,
                    name(account),
                    () -> AccountPdf.of(account, containersG, figures)));
  }

  void labels() {
    Figures figures = workbench.preferences().figures().get();
    LabelSize size = LabelSize.of(workbench.preferences().labels());
    account()
        .ifPresent(
            account -> {
              if (account.vials().isEmpty()) {
                workbench.notices().say(new Notice.Said(words.of("labels.none"), true));
              } else {
                saving.file(
                    FileKind.PAGES,
                    words.of("labels.title", name(account)),
                    () -> LabelsPdf.of(account, figures, size));
              }
            });
  }

  void settlement() {
    Figures figures = workbench.preferences().figures().get();
    LocalDate today = LocalDate.now(clock);
    account()
        .ifPresent(
            account -> {
              if (account.settlement().isEmpty()) {
                workbench
                    .notices()
                    .say(
                        new Notice.Said(
                            words.of(
                                account.terms().isEmpty()
                                    ? "settlement.no-terms"
                                    : "settlement.no-gold"),
                            true));
              } else {
                saving.file(
                    FileKind.PAGES,
                    words.of("settlement.title", name(account)),
                    () -> SettlementPdf.of(account, figures, today));
              }
            });
  }

  /** The spreadsheet, and beside it the batch file, the account and the lots as CSV. */
  void tables() {
    account()
        .ifPresent(
            account -> saving.ask(FileKind.TABLE, name(account), path -> tables(path, account)));
  }

  private Notice tables(Path path, Account account) throws IOException {
    List<Table> tables = AccountTables.all(account);
    Map<String, String> others = new TreeMap<>();
    Batch batch = account.network().batch();
    others.put(".json", BatchFile.write(batch, workbench.session().picturesOf(batch)));
    tables.forEach(table -> others.put("-" + table.name() + ".csv", TableCsv.print(table)));
    FileSet beside = FileSet.beside(path, others.keySet());
    beside.write(TablesXlsx.write(tables), others);
    return new Notice.Said(
        words.of("file.account-written", name(account), String.valueOf(path), beside.stem()),
        false);
  }
}
