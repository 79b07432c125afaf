package jugulum.desk.print;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import jugulum.core.account.Account;
import jugulum.core.ledger.Label;
import jugulum.core.shop.Settlement;
import jugulum.core.shop.Terms;
import jugulum.desk.words.Figures;
import jugulum.desk.words.MoneyWords;
import jugulum.desk.words.RecoveryWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/**
 * The settlement of a customer's concentrate: his gold, its fineness, the fee, his share, and what
 * he is paid.
 */
public final class SettlementPdf {
  private SettlementPdf() {}

  /**
   * The page as a PDF file's content. Takes a while: not for the interface thread.
   *
   * @param account one with a settlement
   */
  public static byte[] of(Account account, Figures figures, LocalDate today) {
    Words words = figures.words();
    Settlement settled = account.settlement().orElseThrow();
    Label label = account.network().batch().label();
    Paper paper = new Paper(words, words.of("settlement.title", label.name()));
    paper.write(words.of("settlement.title", label.name()), paper.title);
    paper.write(
        words.of(
            "page.received",
            label.source(),
            words.day(label.received()),
            figures.sand(account.feedKg() * 1000)),
        paper.text);
    paper.write(words.of("settlement.day", words.day(today)), paper.text);
    paper
        .section("settlement.gold")
        .write(figures.gold(settled.nativeMg()), paper.figure)
        .write(RecoveryWords.everyUnit(words, settled.nativeMg()), paper.text);
    account
        .best()
        .ifPresent(
            best ->
                paper.write(
                    words.of(
                        "settlement.recovery",
                        Sentences.share(words, best),
                        words.of("recovery.of." + Sentences.kind(best)),
                        words.range(best)),
                    paper.text));
    paper
        .section("settlement.sums")
        .add(paper.table(List.of(), new float[] {60, 40}, lines(settled, account, figures)));
    String due = MoneyWords.sum(words, Math.abs(settled.due()), account.terms().orElseThrow());
    paper.write(
        words.of(settled.due() < 0 ? "settlement.owed" : "settlement.due", due), paper.figure);
    paper.write(words.of("settlement.law"), paper.text);
    paper
        .section("settlement.signed")
        .add(
            paper.table(
                List.of(),
                new float[] {50, 50},
                List.of(
                    List.of(words.of("settlement.shop"), words.of("settlement.owner")),
                    List.of(" ", " "),
                    List.of(" ", " "))));
    return paper.bytes();
  }

  private static List<List<String>> lines(Settlement settled, Account account, Figures figures) {
    Words words = figures.words();
    Terms terms = account.terms().orElseThrow();
    String fineness =
        words.of(
            account.gold().finenessMeasured()
                ? "settlement.fineness.measured"
                : "settlement.fineness.assumed",
            words.fixed(settled.fineness() * 1000, 0));
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(words.of("settlement.fineness"), fineness));
    rows.add(List.of(words.of("settlement.fine"), figures.gold(settled.fineG() * 1000)));
    rows.add(
        List.of(
            words.of("settlement.price"),
            words.of(
                "settlement.price.of",
                MoneyWords.sum(words, terms.pricePerGram(), terms),
                words.percent(terms.payable()),
                words.day(terms.asOf()))));
    rows.add(
        List.of(
            words.of("settlement.refining"),
            words.of(
                "settlement.per-gram",
                MoneyWords.sum(words, terms.charged().refiningPerGram(), terms))));
    rows.add(List.of(words.of("settlement.worth"), MoneyWords.sum(words, settled.worth(), terms)));
    rows.add(
        List.of(
            words.of("settlement.share", words.percent(terms.charged().ownersShare())),
            MoneyWords.sum(words, settled.ownersWorth(), terms)));
    rows.add(
        List.of(
            words.of(
                "settlement.fee",
                words.fixed(settled.dryKg(), 2),
                MoneyWords.sum(words, terms.charged().feePerKg(), terms)),
            "−" + MoneyWords.sum(words, settled.fee(), terms)));
    return rows;
  }
}
