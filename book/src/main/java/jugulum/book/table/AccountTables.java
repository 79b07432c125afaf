package jugulum.book.table;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jugulum.core.account.Account;
import jugulum.core.account.Product;
import jugulum.core.advice.Advice;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.gold.GoldAccount;
import jugulum.core.gold.GoldRange;
import jugulum.core.gold.Place;
import jugulum.core.gold.Recovery;
import jugulum.core.gold.Stage;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Step;
import jugulum.core.mass.SandBalance;
import jugulum.core.reconcile.Adjusted;
import jugulum.core.shop.Terms;
import org.jspecify.annotations.Nullable;

/** The account of a batch as tables. The columns are told in docs/format.md. */
public final class AccountTables {
  private AccountTables() {}

  /** Every table of an account, the account itself first. */
  public static List<Table> all(Account account) {
    return List.of(
        account(account),
        steps(account),
        sand(account),
        next(account),
        BatchTables.lots(account.network(), account.sand(), account.gold()),
        BatchTables.readings(account.network().batch()));
  }

  /**
   * One row a figure: what it is, of what, its value with the ends of its 95 % range, its unit, and
   * whether what nobody told makes it "at most" or "at least".
   */
  public static Table account(Account account) {
    List<List<Object>> rows = new ArrayList<>(gold(account.gold()));
    rows.addAll(products(account));
    if (account.later().isAny()) {
      String pools = String.join(", ", account.later().pools());
      rows.add(band("won_later", pools, account.later().milligrams(), "mg"));
      rows.add(band("passed_over", pools, account.passedOver(), "share"));
    }
    SandBalance balance = account.balance();
    rows.add(
        Arrays.asList(
            "sand_test",
            "statistic",
            balance.statistic(),
            null,
            balance.limit(),
            "chi_square",
            null,
            null));
    rows.add(plain("sand_test", "degrees_of_freedom", balance.degrees(), ""));
    account
        .settlement()
        .ifPresent(
            settled ->
                rows.add(
                    plain(
                        "settlement",
                        "due",
                        settled.due(),
                        account.terms().orElseThrow().currency())));
    return new Table(
        "account",
        List.of("figure", "of", "value", "low", "high", "unit", "at_most", "at_least"),
        rows);
  }

  private static List<List<Object>> gold(GoldAccount gold) {
    List<List<Object>> rows = new ArrayList<>();
    gold.won().ifPresent(won -> rows.add(amount("gold_in_hand", "", won)));
    gold.head().ifPresent(head -> rows.add(amount("head", "", head)));
    rows.add(
        plain(
            "fineness",
            gold.finenessMeasured() ? "measured" : "assumed",
            gold.fineness(),
            "share"));
    gold.recoveries()
        .forEach(
            recovery ->
                rows.add(share("recovery", recovery.of() + "_" + recovery.against(), recovery)));
    gold.byCut()
        .forEach((cut, recovery) -> rows.add(share("recovery_of_cut", cut.notation(), recovery)));
    for (Place place : gold.places()) {
      String name = place.kind().name();
      rows.add(
          place.isUnseen()
              ? plain("place", name, null, "mg")
              : amount("place", name, place.gold()));
      place.free().ifPresent(free -> rows.add(amount("place_free", name, free)));
      place.hidden().ifPresent(hidden -> rows.add(amount("place_hidden", name, hidden)));
    }
    return rows;
  }

  private static List<List<Object>> products(Account account) {
    List<List<Object>> rows = new ArrayList<>();
    for (Product product : account.products()) {
      String what = product.told().mineral() + " " + product.lot().id().number();
      rows.add(plain("product", what, Table.cell(product.kg()), "kg"));
      rows.add(
          plain(
              "product_money",
              what,
              Table.cell(product.money()),
              account.terms().map(Terms::currency).orElse("")));
    }
    return rows;
  }

  /** A figure without a range. */
  private static List<Object> plain(String figure, String of, @Nullable Object value, String unit) {
    return Arrays.asList(figure, of, value, null, null, unit, null, null);
  }

  private static List<Object> band(String figure, String of, Band band, String unit) {
    return Arrays.asList(figure, of, band.usual(), band.low(), band.high(), unit, null, null);
  }

  private static List<Object> amount(String figure, String of, GoldRange gold) {
    return Arrays.asList(
        figure, of, gold.milligrams(), gold.lowMg(), gold.highMg(), "mg", null, null);
  }

  private static List<Object> share(String figure, String of, Recovery recovery) {
    return Arrays.asList(
        figure,
        of,
        recovery.share(),
        recovery.low(),
        recovery.high(),
        "share",
        recovery.isAtMost(),
        recovery.isAtLeast());
  }

  /** One row a step: what it did to the gold, and what is kept so far. */
  public static Table steps(Account account) {
    List<String> heads =
        List.of(
            "step",
            "process",
            "gold_on_mg",
            "gold_set_aside_mg",
            "recovery",
            "recovery_low",
            "recovery_high",
            "bound",
            "of_gold",
            "kept_so_far",
            "kept_low",
            "kept_high",
            "at_most",
            "ratio");
    List<List<Object>> rows = new ArrayList<>();
    for (Step step : account.network().steps()) {
      Optional<Stage> stage = Optional.ofNullable(account.gold().stages().get(step.id()));
      Optional<Band> recovery = stage.flatMap(Stage::recovery);
      Recovery kept = Check.known(account.cumulative(), step.id());
      rows.add(
          Arrays.asList(
              step.id().number(),
              step.process().getClass().getSimpleName(),
              stage.flatMap(Stage::won).map(GoldRange::milligrams).orElse(null),
              stage.flatMap(Stage::left).map(GoldRange::milligrams).orElse(null),
              recovery.map(Band::usual).orElse(null),
              recovery.map(Band::low).orElse(null),
              recovery.map(Band::high).orElse(null),
              stage.map(Stage::bound).orElse(null),
              stage.map(Stage::of).orElse(null),
              kept.share(),
              kept.low(),
              kept.high(),
              kept.isAtMost(),
              stage
                  .filter(one -> one.ratio().isPresent())
                  .map(one -> one.ratio().getAsDouble())
                  .orElse(null)));
    }
    return new Table("steps", heads, rows);
  }

  /** One row a lot: its mass as weighed and as made to fit, standard deviations beside. */
  public static Table sand(Account account) {
    List<String> heads =
        List.of(
            "lot",
            "weighed_g",
            "weighed_sd_g",
            "adjusted_g",
            "adjusted_sd_g",
            "adjustment_g",
            "significance",
            "state",
            "suspect");
    List<List<Object>> rows = new ArrayList<>();
    for (Lot lot : account.network().lots()) {
      Adjusted adjusted = account.balance().of(lot.id());
      var mass = account.sand().mass(lot.id());
      boolean suspect =
          account.balance().misfits().stream().anyMatch(misfit -> misfit.lots().contains(lot.id()));
      boolean known = adjusted.value().isPresent();
      rows.add(
          Arrays.asList(
              lot.id().number(),
              mass.isMeasured() ? mass.grams() : null,
              mass.isMeasured() ? mass.standardUncertaintyG() : null,
              known ? adjusted.value().getAsDouble() : null,
              known ? adjusted.sd() : null,
              known ? adjusted.adjustment() : null,
              known ? adjusted.measurementTest() : null,
              adjusted.state(),
              suspect));
    }
    return new Table("sand", heads, rows);
  }

  /** One row a piece of advice, the most money per hour first. */
  public static Table next(Account account) {
    List<String> heads =
        List.of(
            "verdict",
            "kind",
            "lot",
            "machine",
            "of_gold",
            "share_low",
            "share_usual",
            "share_high",
            "won_mg",
            "won_low_mg",
            "won_high_mg",
            "minutes",
            "brings",
            "wages",
            "costs",
            "net",
            "net_per_hour",
            "chance");
    List<List<Object>> rows = new ArrayList<>();
    for (Advice advice : account.byMoney()) {
      var money = advice.money();
      rows.add(
          Arrays.asList(
              advice.verdict(),
              advice.kind(),
              advice.lot().number(),
              advice
                  .machine()
                  .map(machine -> machine.name().isEmpty() ? machine.kind().name() : machine.name())
                  .orElse(null),
              advice.of(),
              advice.share().low(),
              advice.share().usual(),
              advice.share().high(),
              advice.won().map(GoldRange::milligrams).orElse(null),
              advice.won().map(GoldRange::lowMg).orElse(null),
              advice.won().map(GoldRange::highMg).orElse(null),
              advice.minutes(),
              money.map(Advice.Money::brings).orElse(null),
              money.map(Advice.Money::wages).orElse(null),
              money.map(Advice.Money::costs).orElse(null),
              money.map(Advice.Money::net).orElse(null),
              advice.moneyPerHour().isPresent() ? advice.moneyPerHour().getAsDouble() : null,
              money.map(Advice.Money::chance).orElse(null)));
    }
    return new Table("next", heads, rows);
  }
}
