package jugulum.desk.eye;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CameraFolderTest {
  private static final Instant NOW = Instant.parse("2026-11-18T09:00:00Z");
  @TempDir private Path folder;

  private Path written(String name, int secondsAgo) throws IOException {
    Path file = Files.writeString(folder.resolve(name), name);
    Files.setLastModifiedTime(file, FileTime.from(NOW.minusSeconds(secondsAgo)));
    return file;
  }

  @Test
  void theNewestThatStandsStillComes() throws IOException {
    assertThat(CameraFolder.newest(folder, NOW)).isEmpty();
    written("a.JPG", 90);
    Path second = written("b.jpeg", 60);
    written("notes.txt", 5);
    assertThat(CameraFolder.newest(folder, NOW)).contains(second);
    Path growing = written("c.png", 1);
    assertThat(CameraFolder.newest(folder, NOW)).as("it may still grow").contains(second);
    assertThat(CameraFolder.newest(folder, NOW.plusSeconds(2))).contains(growing);
  }

  @Test
  void linksAndFoldersAreNoPictures() throws IOException {
    Path elsewhere = Files.createDirectory(folder.resolve("elsewhere.jpg"));
    Files.createSymbolicLink(folder.resolve("link.jpg"), written("x.bin", 10));
    assertThat(CameraFolder.newest(folder, NOW)).isEmpty();
    assertThat(CameraFolder.newest(elsewhere, NOW)).isEmpty();
    assertThat(CameraFolder.newest(folder.resolve("gone"), NOW)).isEmpty();
  }
}
