package jugulum.desk.print;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jugulum.core.account.Account;
import jugulum.core.advice.Advice;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.GoldMemory;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.Step;
import jugulum.core.mass.SandBalance;
import jugulum.core.screens.Cut;
import jugulum.desk.words.AdviceWords;
import jugulum.desk.words.Figures;
import jugulum.desk.words.LaterWords;
import jugulum.desk.words.MisfitWords;
import jugulum.desk.words.PlaceWords;
import jugulum.desk.words.ProductWords;
import jugulum.desk.words.RecoveryWords;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.StageWords;
import jugulum.desk.words.Words;
import org.openpdf.text.pdf.PdfPTable;

/**
 * The batch sheet: how much, how sure, where the rest is, what next, and what all of it rests on.
 * The answers on the first page, the steps on the second.
 */
public final class AccountPdf {
  /** So many lots that do not pay are named. */
  private static final int NAMED = 3;

  private static final int ADVICE = 4;

  private final Words words;
  private final Account account;
  private final List<Double> containersG;
  private final Figures figures;
  private final Paper paper;

  private AccountPdf(Account account, List<Double> containersG, Figures figures) {
    this.words = figures.words();
    this.account = account;
    this.containersG = containersG;
    this.figures = figures;
    this.paper = new Paper(words, words.of("account.title", label().name()));
  }

  /**
   * The sheet as a PDF file's content. Takes a while: not for the interface thread.
   *
   * @param containersG the weights of the containers the shop knows, in grams
   */
  public static byte[] of(Account account, List<Double> containersG, Figures figures) {
    return new AccountPdf(account, containersG, figures).written();
  }

  private Label label() {
    return account.network().batch().label();
  }

  private byte[] written() {
    paper.write(words.of("account.title", label().name()), paper.title);
    paper.write(
        words.of(
            "page.received",
            label().source(),
            words.day(label().received()),
            figures.sand(account.feedKg() * 1000)),
        paper.text);
    howMuch();
    howSure();
    where();
    next();
    steps();
    basis();
    return paper.bytes();
  }

  private void howMuch() {
    var gold = account.gold();
    paper.section("page.how-much");
    if (gold.won().isEmpty()) {
      paper.write(words.of("account.not-weighed"), paper.text);
    } else {
      double milligrams = gold.won().get().milligrams();
      paper
          .write(figures.gold(milligrams), paper.figure)
          .write(RecoveryWords.everyUnit(words, milligrams), paper.text);
      String key = gold.finenessMeasured() ? "account.fine.measured" : "account.fine.assumed";
      paper.write(
          words.of(
              key,
              figures.gold(milligrams * gold.fineness()),
              words.fixed(gold.fineness() * 1000, 0)),
          paper.text);
    }
    LaterWords.of(account.later(), gold.won(), figures)
        .forEach(later -> paper.write(later, paper.bold));
    ProductWords.of(account, figures).forEach(product -> paper.write(product, paper.text));
  }

  private void howSure() {
    var gold = account.gold();
    paper.section("page.how-sure");
    PdfPTable table = Paper.grid(32, 14, 18, 36);
    for (String head :
        List.of(
            "",
            words.of("account.recovered"),
            words.of("account.range.head"),
            words.of("page.scale"))) {
      table.addCell(Paper.lined(head, paper.text));
    }
    gold.recoveries()
        .forEach(
            recovery -> row(table, words.of("recovery." + Sentences.kind(recovery)), recovery));
    for (Map.Entry<Cut, Recovery> cut : gold.byCut().entrySet()) {
      row(table, words.of("page.cut", Sentences.cut(words, cut.getKey())), cut.getValue());
    }
    paper.add(table);
    gold.recoveries().stream()
        .filter(recovery -> recovery.against() != Recovery.Against.BOTH)
        .forEach(
            recovery ->
                paper.write(
                    words.of(
                        "page.rests",
                        words.of("recovery." + Sentences.kind(recovery)),
                        RecoveryWords.rests(recovery, gold, figures)),
                    paper.text));
    account
        .best()
        .map(one -> RecoveryWords.settled(words, one))
        .ifPresent(settled -> paper.write(settled, paper.text));
    if (gold.recoveries().isEmpty()) {
      paper.write(words.of("account.no-recovery"), paper.text);
    }
    sand();
  }

  private void row(PdfPTable table, String name, Recovery recovery) {
    table.addCell(Paper.lined(name, paper.bold));
    table.addCell(Paper.lined(Sentences.share(words, recovery), paper.bold));
    table.addCell(Paper.lined(words.range(recovery), paper.text));
    table.addCell(Paper.bar(recovery.low(), recovery.high()));
  }

  private void where() {
    paper.section("account.where");
    double most =
        account.gold().places().stream()
            .mapToDouble(place -> place.gold().highMg())
            .max()
            .orElse(0);
    PdfPTable table = Paper.grid(34, 13, 19, 12, 13, 9);
    for (String head :
        List.of(
            "",
            words.of("account.gold"),
            words.of("account.range.head"),
            words.of("gold.free"),
            words.of("gold.hidden"),
            "")) {
      table.addCell(Paper.lined(head, paper.text));
    }
    for (Place place : account.gold().places()) {
      boolean unseen = place.isUnseen();
      table.addCell(Paper.lined(PlaceWords.name(words, place), paper.bold));
      table.addCell(
          Paper.lined(
              unseen ? words.of("account.place.unseen") : figures.gold(place.gold().milligrams()),
              paper.bold));
      table.addCell(Paper.lined(unseen ? "" : figures.goldRange(place.gold()), paper.text));
      table.addCell(Paper.lined(unseen ? "" : PlaceWords.free(place, figures), paper.text));
      table.addCell(Paper.lined(unseen ? "" : PlaceWords.hidden(place, figures), paper.text));
      table.addCell(
          unseen || most == 0
              ? Paper.lined("", paper.text)
              : Paper.bar(0, place.gold().milligrams() / most));
    }
    paper.add(table);
    List<Lot> lots = account.notLookedAt();
    if (!lots.isEmpty()) {
      paper.section("account.unseen");
      paper.add(
          paper.table(
              List.of(),
              new float[] {36, 64},
              lots.stream()
                  .map(
                      lot ->
                          List.of(
                              Sentences.lot(words, lot),
                              words.of("account.settle", lot.material())))
                  .toList()));
    }
  }

  private void next() {
    paper.section("account.next");
    if (account.byMoney().isEmpty()) {
      paper.write(words.of("advice.none"), paper.text);
      return;
    }
    AdviceWords.nothingPays(words, account)
        .ifPresent(sentence -> paper.write(sentence, paper.text));
    List<Advice> left =
        account.byMoney().stream()
            .filter(advice -> advice.verdict() == Advice.Verdict.LEAVE)
            .toList();
    List<List<String>> rows = new ArrayList<>();
    account.byMoney().stream()
        .filter(advice -> !left.contains(advice))
        .limit(ADVICE)
        .forEach(advice -> rows.add(row(advice)));
    if (rows.isEmpty()) {
      rows.add(row(left.getFirst()));
    }
    if (!left.isEmpty()) {
      rows.add(List.of(words.of("page.leave"), leave(left)));
    }
    paper.add(paper.table(List.of(), new float[] {30, 70}, rows));
    paper.write(AdviceWords.terms(words, account), paper.text);
  }

  /** Those with most gold by name, the others by number. */
  private String leave(List<Advice> left) {
    List<Advice> most =
        left.stream().sorted(Comparator.comparingDouble(AccountPdf::gold).reversed()).toList();
    String named =
        most.stream().limit(NAMED).map(this::lotWithGold).collect(Collectors.joining(", "));
    List<Advice> others = most.stream().skip(NAMED).toList();
    return others.isEmpty()
        ? named
        : words.counted(
            "page.leave.rest",
            others.size(),
            named,
            figures.gold(others.stream().mapToDouble(AccountPdf::gold).sum()));
  }

  private static double gold(Advice advice) {
    return advice.there().map(GoldRange::milligrams).orElse(0.0);
  }

  private String lotWithGold(Advice advice) {
    String gold = advice.there().map(there -> figures.gold(there.milligrams())).orElse("");
    return words.of("page.leave.lot", Sentences.lot(words, account.lot(advice.lot())), gold);
  }

  private List<String> row(Advice advice) {
    return List.of(
        AdviceWords.title(words, advice, account), AdviceWords.sums(advice, account, figures));
  }

  private void sand() {
    SandBalance balance = account.balance();
    paper.write(MisfitWords.test(words, balance), paper.text);
    balance
        .misfits()
        .forEach(
            misfit ->
                paper
                    .write(MisfitWords.title(words, misfit, account.network()), paper.bold)
                    .write(
                        MisfitWords.text(misfit, balance, account.network(), containersG, figures),
                        paper.text));
  }

  private void steps() {
    List<List<String>> rows = new ArrayList<>();
    account.network().steps().stream()
        .filter(step -> !(step.process() instanceof Process.Receive))
        .forEach(step -> rows.add(row(step)));
    if (!rows.isEmpty()) {
      paper.page().section("account.part.STEPS");
      paper.add(
          paper.table(
              List.of(
                  "account.step.head",
                  "account.stage",
                  "account.range.head",
                  "account.cumulative",
                  "account.range.head"),
              new float[] {38, 13, 18, 13, 18},
              rows));
    }
  }

  private List<String> row(Step step) {
    Optional<Stage> stage = Optional.ofNullable(account.gold().stages().get(step.id()));
    Recovery kept = Check.known(account.cumulative(), step.id());
    return List.of(
        Sentences.step(words, step, account.network()),
        stage.map(one -> StageWords.recovery(words, one)).orElse(""),
        stage.flatMap(Stage::recovery).map((Band band) -> words.shares(band)).orElse(""),
        Sentences.share(words, kept),
        words.range(kept));
  }

  private void basis() {
    Assumptions given = account.network().batch().assumptions();
    paper
        .section("page.basis")
        .write(
            words.of(
                "page.basis.text",
                Integer.toString(GoldMemory.USUAL_DRAWS),
                words.percent(given.closureTolerance()),
                words.plain(given.flatness()),
                words.plain(given.goldDensity()),
                words.percent(given.scaleCalibration())),
            paper.text);
  }
}
