package jugulum.desk.eye;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scale;
import jugulum.core.eye.Scales;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.eye.PictureFile.Read;
import jugulum.practice.camera.DrawnPicture;
import org.junit.jupiter.api.Test;

/** A picture of specks is gone through by keys, and stays with its lot. */
class PicturePageTest extends OnTheDemoBook {
  /** A brass disc of 8 mm at 30 pixels a mm, twelve specks, some brown flakes, on black. */
  private Path drawn() throws IOException {
    BufferedImage image = new BufferedImage(1200, 900, BufferedImage.TYPE_INT_RGB);
    Graphics2D graphics = image.createGraphics();
    graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
    graphics.setColor(new Color(46, 46, 48));
    graphics.fillRect(0, 0, 1200, 900);
    graphics.setColor(new Color(150, 150, 149));
    graphics.fillOval(60, 60, 240, 240);
    graphics.setColor(new Color(196, 173, 120));
    for (int i = 0; i < 12; i++) {
      graphics.fillOval(420 + 170 * (i % 4), 160 + 210 * (i / 4), 18 + i, 16 + i);
    }
    graphics.setColor(new Color(118, 104, 78));
    graphics.fillOval(400, 780, 24, 24);
    graphics.fillOval(600, 790, 26, 22);
    graphics.dispose();
    Random noise = new Random(1);
    for (int y = 0; y < 900; y++) {
      for (int x = 0; x < 1200; x++) {
        Color was = new Color(image.getRGB(x, y));
        int off = (int) Math.round(noise.nextGaussian());
        image.setRGB(
            x,
            y,
            new Color(
                    Math.clamp(was.getRed() + off, 0, 255),
                    Math.clamp(was.getGreen() + off, 0, 255),
                    Math.clamp(was.getBlue() + off, 0, 255))
                .getRGB());
      }
    }
    Path file = folder.resolve("specks.png");
    ImageIO.write(image, "png", file.toFile());
    return file;
  }

  private static Lot lot(Person person) {
    return person.batch().lots().stream()
        .filter(one -> one.material() == Material.CUT && one.cut().notation().equals("−100"))
        .findFirst()
        .orElseThrow();
  }

  private Person atThePicture(Path file) {
    Person person = Person.at(book);
    person.open(lot(person).id().number()).press(E);
    person.until(() -> person.sees("eye-open"));
    person.choosing(file).press(P);
    return person;
  }

  @Test
  void aPictureIsGoneThroughAndStaysWithItsLot() throws Exception {
    Path file = drawn();
    try (Person person = atThePicture(file)) {
      person.until(() -> person.sees("eye-find"));
      person.click("eye-tray-BLACK").type("eye-size", "8").press(ENTER);
      person.until(() -> person.sees("eye-yes"));
      assertThat(person.text("eye-question")).contains("rim of the 8 mm disc");
      assertThat(person.text("eye-advice")).contains("30 pixels a mm");
      person.click("eye-yes").until(() -> person.sees("eye-sure"));
      person.click("eye-sure");
      assertThat(person.text("eye-wrong")).as("nothing lies at the middle").isNotEmpty();
      person.drawn(
          () -> {
            PictureView view = (PictureView) person.root().lookup("#picture");
            view.to(new Point(600, 170));
            return true;
          });
      person.click("eye-sure").until(() -> person.sees("eye-keep"));
      while (!person.text("eye-mass").contains("mg of gold")) {
        String before = person.text("eye-mass");
        person.press(SPACE).press(X);
        assertThat(person.text("eye-mass")).isNotEqualTo(before);
      }
      assertThat(person.text("eye-count")).isEqualTo("12 specks");
      assertThat(person.text("eye-mass")).contains("mg of gold");
      person.press(TAB).press(G);
      assertThat(person.text("eye-count")).isEqualTo("11 specks");
      person.press(CONTROL, Z);
      assertThat(person.text("eye-count")).isEqualTo("12 specks");
      person.press(A);
      assertThat(person.text("eye-count")).isEqualTo("13 specks");
      person.press(CONTROL, Z);
      int number = lot(person).id().number();
      person.click("eye-keep").until(() -> !person.sees("picture-page"));
      Lot kept = person.batch().lot(lot(person).id()).orElseThrow();
      assertThat(kept.id().number()).isEqualTo(number);
      Measure.Pictured picture = kept.latest(Measure.Pictured.class).orElseThrow();
      assertThat(picture.specks()).hasSize(12);
      assertThat(picture.file()).isEqualTo("specks.png");
      assertThat(picture.pxPerMm()).isBetween(29.5, 30.5);
      assertThat(picture.sha256()).hasSize(64);
      Path copy =
          book.resolveSibling(book.getFileName() + ".pictures").resolve(picture.sha256() + ".jpg");
      person.until(() -> Files.isRegularFile(copy));
      assertThat(ImageIO.read(copy.toFile()).getWidth()).isEqualTo(1200);
      assertThat(kept.latest(Measure.KnownGold.class)).isPresent();
      assertThat(person.everything()).contains("picture: 12 specks");
      person.press(CONTROL, Z);
      assertThat(lot(person).latest(Measure.Pictured.class)).as("one action").isEmpty();
      assertThat(lot(person).latest(Measure.KnownGold.class)).isEmpty();
    }
  }

  /** To practise on: what is kept of it says nothing of the lot. */
  @Test
  void aDrawnPictureIsNoEvidence() {
    DrawnPicture drawn = DrawnPicture.of(3, Tray.BLACK);
    Read.Whole whole = PictureFile.drawn(drawn, "drawn 3");
    Scale scale = Scales.of(whole.light(), new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow();
    Looking look = new Looking(whole.light(), scale, Tray.BLACK, Kappa.told(0.28, 17.2), 1);
    DrawnPicture.Gold gold = drawn.specks().getFirst();
    look.sure(new Point(gold.x(), gold.y()));
    while (look.tally().unsure() > 0) {
      look.nextUnsure();
      look.say(true);
    }
    List<Measure> kept =
        Kept.measures(
            whole, look, look.mass().orElseThrow(), 1, Optional.empty(), Optional.empty());
    assertThat(kept)
        .singleElement()
        .isInstanceOfSatisfying(
            Measure.Pictured.class, picture -> assertThat(picture.isDrawn()).isTrue());
  }

  @Test
  void thePlayedCameraDrawsOne() {
    try (Person person = Person.at(book)) {
      person.open(lot(person).id().number()).press(E);
      person.until(() -> person.sees("eye-draw"));
      person.press(D).until(() -> person.sees("eye-find"));
      assertThat(person.text("eye-size")).isEqualTo("8");
    }
  }

  /** Where one was opened from, the camera saves the next: one key takes it. */
  @Test
  void theNewestPictureComesByOneKey() throws Exception {
    Path file = drawn();
    try (Person person = atThePicture(file)) {
      person.until(() -> person.sees("eye-find"));
      person.press(ESCAPE).press(E).until(() -> person.sees("eye-newest"));
      Files.setLastModifiedTime(file, FileTime.from(Instant.parse("2026-05-04T07:59:00Z")));
      person.press(N).until(() -> person.sees("eye-find"));
      assertThat(person.sees("eye-wrong")).isFalse();
    }
  }

  /** A scale goes before the eye; of a panned sample its specks count by size. */
  @Test
  void whatWasWeighedGoesBeforeWhatIsSeen() throws Exception {
    Path file = drawn();
    Read read = PictureFile.read(file);
    Looking look = looked((Read.Whole) read);
    EyeMass mass = look.mass().orElseThrow();
    List<Measure> eye =
        Kept.measures((Read.Whole) read, look, mass, 1, Optional.empty(), Optional.empty());
    assertThat(eye).hasSize(2);
    assertThat(((Measure.KnownGold) eye.get(1)).milligrams()).isEqualTo(mass.milligrams().usual());
    List<Measure> scale =
        Kept.measures(
            (Read.Whole) read,
            look,
            mass,
            1,
            Optional.of(250.0),
            Optional.of(new Kept.Weighed(4.2, Kept.stepMg("4.2"))));
    assertThat(scale).hasSize(3);
    assertThat(((Measure.Pictured) scale.getFirst()).milligrams()).isEqualTo(4.2);
    assertThat(((Measure.Pictured) scale.getFirst()).highMg()).isEqualTo(4.25);
    Measure.PannedSample sample = (Measure.PannedSample) scale.get(1);
    assertThat(sample.seen().stream().mapToInt(Measure.PannedSample.Seen::specks).sum())
        .isEqualTo(12);
    assertThat(scale.get(2)).isEqualTo(new Measure.WeighedSpecks(12, 4.2, 0.1));
    assertThat(Kept.stepMg("4")).isEqualTo(1);
    assertThat(Kept.stepMg("4,25")).isEqualTo(0.01);
  }

  private static Looking looked(Read.Whole whole) {
    Scale scale = Scales.of(whole.light(), new KnownSize.Disc(8)).orElseThrow();
    Looking look = new Looking(whole.light(), scale, Tray.BLACK, Kappa.told(0.3, 17.5), 1);
    look.sure(new Point(600, 170));
    while (look.tally().unsure() > 0) {
      look.nextUnsure();
      look.say(false);
    }
    return look;
  }

  @Test
  void whatIsNoPictureIsSaid() throws Exception {
    Path text = folder.resolve("notes.jpg");
    Files.writeString(text, "not a picture");
    try (Person person = atThePicture(text)) {
      person.until(() -> person.text("eye-wrong").contains("cannot be read as a picture"));
      person.press(ESCAPE);
      assertThat(person.sees("picture-page")).isFalse();
    }
  }
}
