package jugulum.desk;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.time.Clock;
import jugulum.core.machine.Sheet;
import jugulum.core.machine.Working;
import org.junit.jupiter.api.Test;

/** Holds the borders between the modules and within them. */
class BordersTest {
  private static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(location -> !location.contains("-tests.jar"))
          .importPackages("jugulum");

  @Test
  void theCoreComputesAndNothingElse() {
    classes()
        .that()
        .resideInAPackage("jugulum.core..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "jugulum.core..",
            "java.lang..",
            "java.util..",
            "java.time..",
            "java.math..",
            "org.hipparchus..",
            "org.apache.commons.rng..",
            "org.apache.commons.numbers..",
            "org.chocosolver..",
            "org.shredzone.commons.suncalc..")
        .check(ALL);
  }

  @Test
  void theBookKnowsNothingOfTheWindow() {
    noClasses()
        .that()
        .resideInAPackage("jugulum.book..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("jugulum.desk..", "javafx..", "picocli..")
        .check(ALL);
  }

  @Test
  void onlyTheStoreKnowsTheDatabaseAndOnlyJsonKnowsTheMapper() {
    noClasses()
        .that()
        .resideOutsideOfPackage("jugulum.book.store..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "java.sql..", "org.jdbi..", "org.flywaydb..", "org.sqlite..", "org.postgresql..")
        .check(ALL);
    noClasses()
        .that()
        .resideOutsideOfPackages("jugulum.book..", "jugulum.desk.command..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("tools.jackson..", "com.networknt..")
        .check(ALL);
  }

  /** Without that library a played scale has a network port and no serial line. */
  @Test
  void onlyThePlayedLineKnowsPseudoTerminals() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName("jugulum.scale.played.PlayedLine")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("com.pty4j..")
        .check(ALL);
  }

  @Test
  void noPackageRunsInACircle() {
    slices().matching("jugulum.core.(*)..").should().beFreeOfCycles().check(ALL);
    slices().matching("jugulum.book.(*)..").should().beFreeOfCycles().check(ALL);
    slices().matching("jugulum.desk.(*)..").should().beFreeOfCycles().check(ALL);
  }

  /** What a machine wins and how fast it is, is told in one place. */
  @Test
  void onlyBeliefReadsWhatASheetExpects() {
    noClasses()
        .that()
        .resideOutsideOfPackages("jugulum.core.belief..", "jugulum.core.machine..")
        .should()
        .callMethod(Sheet.class, "expected")
        .orShould()
        .callMethod(Working.class, "chargeMinutes")
        .check(ALL);
  }

  @Test
  void theTimeIsAlwaysGiven() {
    noClasses()
        .that()
        .resideInAnyPackage(
            "jugulum.core..",
            "jugulum.book..",
            "jugulum.desk.session..",
            "jugulum.desk.panel..",
            "jugulum.desk.screens..",
            "jugulum.desk.magnet..",
            "jugulum.desk.machine..",
            "jugulum.desk.finish..",
            "jugulum.desk.look..",
            "jugulum.desk.lot..",
            "jugulum.desk.board..")
        .should()
        .callMethod(Clock.class, "systemUTC")
        .orShould()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(java.time.LocalDate.class, "now")
        .check(ALL);
  }
}
