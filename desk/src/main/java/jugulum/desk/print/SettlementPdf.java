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
    Settlement settled = account.settlement().orElseThrow();
    Label label = account.network().batch().label();
    Paper paper = new Paper(Words.of("settlement.title", label.name()));
    paper.write(Words.of("settlement.title", label.name()), paper.title);
    paper.write(
        Words.of(
            "page.received",
            label.source(),
            Figures.day(label.received()),
            figures.sand(account.feedKg() * 1000)),
        paper.text);
    paper.write(Words.of("settlement.day", Figures.day(today)), paper.text);
    paper
        .section("settlement.gold")
        .write(figures.gold(settled.nativeMg()), paper.figure)
        .write(RecoveryWords.everyUnit(settled.nativeMg()), paper.text);
    account
        .best()
        .ifPresent(
            best ->
                paper.write(
                    Words.of(
                        "settlement.recovery",
                        Sentences.share(best),
                        Words.of("recovery.of." + Sentences.kind(best)),
                        Figures.range(best)),
                    paper.text));
    paper
        .section("settlement.sums")
        .add(paper.table(List.of(), new float[] {60, 40}, lines(settled, account, figures)));
    String due = MoneyWords.sum(Math.abs(settled.due()), account.terms().orElseThrow());
    paper.write(
        Words.of(settled.due() < 0 ? "settlement.owed" : "settlement.due", due), paper.figure);
    paper.write(Words.of("settlement.law"), paper.text);
    paper
        .section("settlement.signed")
        .add(
            paper.table(
                List.of(),
                new float[] {50, 50},
                List.of(
                    List.of(Words.of("settlement.shop"), Words.of("settlement.owner")),
                    List.of(" ", " "),
                    List.of(" ", " "))));
    return paper.bytes();
  }

  private static List<List<String>> lines(Settlement settled, Account account, Figures figures) {
    Terms terms = account.terms().orElseThrow();
    String fineness =
        Words.of(
            account.gold().finenessMeasured()
                ? "settlement.fineness.measured"
                : "settlement.fineness.assumed",
            Figures.fixed(settled.fineness() * 1000, 0));
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of(Words.of("settlement.fineness"), fineness));
    rows.add(List.of(Words.of("settlement.fine"), figures.gold(settled.fineG() * 1000)));
    rows.add(
        List.of(
            Words.of("settlement.price"),
            Words.of(
                "settlement.price.of",
                MoneyWords.sum(terms.pricePerGram(), terms),
                Figures.percent(terms.payable()),
                Figures.day(terms.asOf()))));
    rows.add(
        List.of(
            Words.of("settlement.refining"),
            Words.of(
                "settlement.per-gram", MoneyWords.sum(terms.charged().refiningPerGram(), terms))));
    rows.add(List.of(Words.of("settlement.worth"), MoneyWords.sum(settled.worth(), terms)));
    rows.add(
        List.of(
            Words.of("settlement.share", Figures.percent(terms.charged().ownersShare())),
            MoneyWords.sum(settled.ownersWorth(), terms)));
    rows.add(
        List.of(
            Words.of(
                "settlement.fee",
                Figures.fixed(settled.dryKg(), 2),
                MoneyWords.sum(terms.charged().feePerKg(), terms)),
            "−" + MoneyWords.sum(settled.fee(), terms)));
    return rows;
  }
}
