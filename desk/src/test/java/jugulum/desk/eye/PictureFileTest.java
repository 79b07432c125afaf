package jugulum.desk.eye;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import jugulum.desk.eye.PictureFile.Read;
import jugulum.desk.eye.PictureFile.Why;
import jugulum.desk.words.English;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a camera may leave in a folder, and what somebody else may. */
class PictureFileTest {
  @TempDir private Path folder;

  private static BufferedImage image(int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    image.setRGB(3, 5, 0xffcc44);
    return image;
  }

  private Path written(String name, byte[] bytes) throws IOException {
    return Files.write(folder.resolve(name), bytes);
  }

  private static byte[] bytes(BufferedImage image, String format) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    assertThat(ImageIO.write(image, format, out)).isTrue();
    return out.toByteArray();
  }

  @Test
  void everyReasonHasASentence() {
    for (Why why : Why.values()) {
      assertThat(English.WORDS.of("eye.not", why)).isNotEmpty();
    }
  }

  private static Why why(Read read) {
    assertThat(read).isInstanceOf(Read.Not.class);
    return ((Read.Not) read).why();
  }

  @ParameterizedTest
  @ValueSource(strings = {"png", "jpg", "tiff"})
  void aPictureIsReadWhateverItsNameEndsIn(String format) throws IOException {
    Read read = PictureFile.read(written("look.txt", bytes(image(800, 600), format)));
    assertThat(read)
        .isInstanceOfSatisfying(
            Read.Whole.class,
            whole -> {
              assertThat(whole.light().width()).isEqualTo(800);
              assertThat(whole.name()).isEqualTo("look.txt");
              assertThat(whole.sha256()).matches("[0-9a-f]{64}");
            });
  }

  @Test
  void aLargeOneIsReadAtAPartOfItsSize() throws IOException {
    Read read = PictureFile.read(written("large.png", bytes(image(6000, 4000), "png")));
    assertThat(((Read.Whole) read).light().width()).isEqualTo(3000);
  }

  @Test
  void whatCannotBeIsTold() throws IOException {
    byte[] whole = bytes(image(800, 600), "jpg");
    assertThat(why(PictureFile.read(written("none.jpg", new byte[0])))).isEqualTo(Why.UNREADABLE);
    assertThat(why(PictureFile.read(written("half.jpg", Arrays.copyOf(whole, 300)))))
        .isEqualTo(Why.UNREADABLE);
    assertThat(why(PictureFile.read(written("text.jpg", "gold".getBytes(StandardCharsets.UTF_8)))))
        .isEqualTo(Why.UNREADABLE);
    assertThat(why(PictureFile.read(written("small.png", bytes(image(639, 480), "png")))))
        .isEqualTo(Why.TOO_SMALL);
    assertThat(why(PictureFile.read(written("bomb.png", header(50_000, 50_000)))))
        .isEqualTo(Why.TOO_LARGE);
    assertThat(why(PictureFile.read(folder))).isEqualTo(Why.IS_A_LINK);
    assertThat(why(PictureFile.read(folder.resolve("gone.jpg")))).isEqualTo(Why.IS_A_LINK);
    Path link = folder.resolve("link.jpg");
    Files.createSymbolicLink(link, written("there.jpg", whole));
    assertThat(why(PictureFile.read(link))).isEqualTo(Why.IS_A_LINK);
  }

  /** A header that promises so many pixels, and next to nothing behind it. */
  private static byte[] header(int width, int height) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    DataOutputStream out = new DataOutputStream(bytes);
    out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', 13, 10, 26, 10});
    ByteArrayOutputStream chunk = new ByteArrayOutputStream();
    DataOutputStream head = new DataOutputStream(chunk);
    head.writeBytes("IHDR");
    head.writeInt(width);
    head.writeInt(height);
    head.write(new byte[] {8, 2, 0, 0, 0});
    CRC32 sum = new CRC32();
    sum.update(chunk.toByteArray());
    out.writeInt(13);
    out.write(chunk.toByteArray());
    out.writeInt((int) sum.getValue());
    return bytes.toByteArray();
  }

  /** Upright again, every one of the eight ways a camera can be held puts the mark where it was. */
  @Test
  void everyWayACameraIsHeldComesOutUpright() {
    BufferedImage upright = image(40, 30);
    for (int way = 1; way <= 8; way++) {
      BufferedImage held = held(upright, way);
      BufferedImage back = PictureFile.turned(held, way);
      assertThat(back.getWidth()).as("way %d", way).isEqualTo(40);
      assertThat(back.getRGB(3, 5) & 0xffffff).as("way %d", way).isEqualTo(0xffcc44);
    }
  }

  /** What a camera held that way writes. */
  private static BufferedImage held(BufferedImage upright, int way) {
    int w = upright.getWidth();
    int h = upright.getHeight();
    boolean isOnItsSide = way >= 5;
    BufferedImage held =
        new BufferedImage(isOnItsSide ? h : w, isOnItsSide ? w : h, BufferedImage.TYPE_INT_RGB);
    for (int y = 0; y < h; y++) {
      for (int x = 0; x < w; x++) {
        int rgb = upright.getRGB(x, y);
        switch (way) {
          case 2 -> held.setRGB(w - 1 - x, y, rgb);
          case 3 -> held.setRGB(w - 1 - x, h - 1 - y, rgb);
          case 4 -> held.setRGB(x, h - 1 - y, rgb);
          case 5 -> held.setRGB(y, x, rgb);
          case 6 -> held.setRGB(y, w - 1 - x, rgb);
          case 7 -> held.setRGB(h - 1 - y, w - 1 - x, rgb);
          case 8 -> held.setRGB(h - 1 - y, x, rgb);
          default -> held.setRGB(x, y, rgb);
        }
      }
    }
    return held;
  }
}
