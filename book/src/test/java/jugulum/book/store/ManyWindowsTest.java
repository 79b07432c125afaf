package jugulum.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import jugulum.book.BatchBook;
import jugulum.book.OtherProgram;
import jugulum.core.ledger.Assumptions;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Measure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Several programs write one file on one machine at the same time. */
class ManyWindowsTest {
  /** So many programs; scripts/together-test asks for more, with more edits. */
  private static final int PROGRAMS = Integer.getInteger("jugulum.programs", 3);

  private static final int EDITS = Integer.getInteger("jugulum.edits", 120);

  @TempDir private Path folder;

  @Test
  void everyEditOfEachIsRecordedOnce() throws IOException, InterruptedException {
    Path file = folder.resolve("one.book");
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      book.submit(
          Killable.ID,
          new Edit.StartBatch(
              Killable.ID, new Label("Written by many", "", LocalDate.EPOCH), Assumptions.USUAL));
    }
    List<Process> programs = new ArrayList<>();
    for (int which = 1; which <= PROGRAMS; which++) {
      programs.add(start(file, which, EDITS / PROGRAMS));
    }
    for (Process program : programs) {
      String said =
          new String(program.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
      assertThat(program.waitFor()).isZero();
      assertThat(said).isEqualTo(String.valueOf(EDITS / PROGRAMS));
    }
    try (BatchBook book = BatchBook.open(file, Clock.systemUTC())) {
      book.verify();
      assertThat(book.state(Killable.ID).now().orElseThrow().readings())
          .extracting(reading -> ((Measure.SandWeight) reading.measure()).grossG())
          .containsExactlyInAnyOrderElementsOf(
              IntStream.rangeClosed(1, PROGRAMS)
                  .boxed()
                  .flatMap(
                      which ->
                          IntStream.range(0, EDITS / PROGRAMS)
                              .mapToObj(i -> OneOfMany.grams(which, i)))
                  .toList());
    }
  }

  /**
   * Another program, not another window of this one: those know of each other without the system.
   */
  @Test
  void whoHasItAloneKeepsOtherProgramsOut() throws IOException, InterruptedException {
    Path file = folder.resolve("one.book");
    BatchBook.open(file, Clock.systemUTC()).close();
    try (HeldAlone _ = new HeldAlone(file, "this program")) {
      Process other = start(file, 1, 1);
      assertThat(other.waitFor()).as("it could not write").isNotZero();
    }
    Process other = start(file, 1, 0);
    assertThat(other.waitFor()).isZero();
  }

  private static Process start(Path file, int which, int edits) throws IOException {
    return OtherProgram.of(OneOfMany.class, file, which, edits).start();
  }

  /** What systems call disks of other machines; on those one window writes alone. */
  @ParameterizedTest
  @ValueSource(strings = {"nfs4", "NFS", "cifs", "smb3", "fuse.sshfs", "9p"})
  void aDiskOfAnotherMachineIsKnown(String kind) {
    assertThat(NetworkDisk.isNetwork(kind)).isTrue();
  }

  @ParameterizedTest
  @ValueSource(strings = {"ext4", "btrfs", "xfs", "apfs", "NTFS", "tmpfs", "overlay", "fuseblk"})
  void aDiskOfThisMachineIsKnown(String kind) {
    assertThat(NetworkDisk.isNetwork(kind)).isFalse();
  }

  @Test
  void thisFolderIsOnThisMachine() {
    assertThat(NetworkDisk.holds(folder.resolve("a.book"))).isFalse();
  }
}
