package jugulum.desk.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure.KnownGold;
import jugulum.core.ledger.Process;
import jugulum.core.screens.Cut;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import org.junit.jupiter.api.Test;

/** The upper part and the last third of a sluice, rinsed out apart, are told beside each other. */
class LastThirdOnScreenTest extends OnTheDemoBook {
  private static LotId made(Person person, Material material) {
    return person.batch().lots().stream()
        .filter(lot -> lot.material() == material)
        .findFirst()
        .orElseThrow()
        .id();
  }

  private static void records(Person person, LotId lot, double mg) {
    person.workbench().session().submit(new Edit.RecordOnLot(lot, new KnownGold(mg, 1)));
    person.settle();
  }

  @Test
  void muchInTheLastThirdAsksToCleanOutSooner() {
    try (Person person = Person.at(book)) {
      person.openInOneFrame("Saltergill 3");
      person.until(() -> person.batch().label().name().equals("Saltergill 3"));
      Cut all = person.batch().lots().getFirst().cut();
      person
          .workbench()
          .session()
          .submit(
              new Edit.TakeStep(
                  new Process.GravityRun(new Machine(Machine.Kind.RIFFLE_SLUICE, "long box")),
                  List.of(person.batch().lots().getFirst().id()),
                  Stream.of(Material.CONCENTRATE, Material.SECOND_CONCENTRATE, Material.TAILINGS)
                      .map(port -> new Edit.NewLot(port, all, ""))
                      .toList()));
      person.until(() -> person.batch().steps().size() == 2);
      records(person, made(person, Material.CONCENTRATE), 900);
      records(person, made(person, Material.SECOND_CONCENTRATE), 30);
      person.openStep(2);
      person.until(() -> person.text("stage").contains("In the last third"));
      assertThat(person.text("stage")).contains("3.2 %").doesNotContain("clean out sooner");
      records(person, made(person, Material.SECOND_CONCENTRATE), 300);
      person.until(() -> person.text("stage").contains("clean out sooner"));
    }
  }
}
