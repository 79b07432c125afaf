package jugulum.desk.eye;

import static javafx.scene.input.KeyCode.A;
import static javafx.scene.input.KeyCode.CONTROL;
import static javafx.scene.input.KeyCode.D;
import static javafx.scene.input.KeyCode.DIGIT6;
import static javafx.scene.input.KeyCode.E;
import static javafx.scene.input.KeyCode.ENTER;
import static javafx.scene.input.KeyCode.ESCAPE;
import static javafx.scene.input.KeyCode.F;
import static javafx.scene.input.KeyCode.F11;
import static javafx.scene.input.KeyCode.F9;
import static javafx.scene.input.KeyCode.G;
import static javafx.scene.input.KeyCode.M;
import static javafx.scene.input.KeyCode.N;
import static javafx.scene.input.KeyCode.O;
import static javafx.scene.input.KeyCode.P;
import static javafx.scene.input.KeyCode.RIGHT;
import static javafx.scene.input.KeyCode.SHIFT;
import static javafx.scene.input.KeyCode.SPACE;
import static javafx.scene.input.KeyCode.TAB;
import static javafx.scene.input.KeyCode.X;
import static javafx.scene.input.KeyCode.Z;
import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;
import jugulum.book.stream.PictureCopy;
import jugulum.core.eye.EyeMass;
import jugulum.core.eye.Kappa;
import jugulum.core.eye.KnownSize;
import jugulum.core.eye.Outlines;
import jugulum.core.eye.PictureScale;
import jugulum.core.eye.Point;
import jugulum.core.eye.Scales;
import jugulum.core.eye.Tray;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Traced;
import jugulum.desk.OnTheDemoBook;
import jugulum.desk.Person;
import jugulum.desk.WallClock;
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
    graphics.setColor(new Color(124, 108, 71));
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
      person.type("eye-size", "8").click("eye-tray-BLACK").press(ENTER);
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
      assertThat(person.text("eye-mass")).contains("unsure");
      Point first = cross(person);
      person.press(SPACE);
      assertThat(cross(person)).as("Space goes to the next").isNotEqualTo(first);
      while (person.text("eye-mass").contains("unsure")) {
        String before = person.text("eye-mass");
        person.press(X);
        assertThat(person.text("eye-mass")).isNotEqualTo(before);
      }
      person.until(() -> person.text("eye-mass").contains("mg of gold"));
      assertThat(person.text("eye-count")).isEqualTo("12 specks");
      assertThat(person.text("eye-mass")).contains("mg of gold");
      person.pressTimes(TAB, 2).press(G);
      assertThat(person.text("eye-count")).isEqualTo("11 specks");
      person.press(CONTROL, Z);
      assertThat(person.text("eye-count")).isEqualTo("12 specks");
      person.press(A);
      assertThat(person.text("eye-count")).isEqualTo("13 specks");
      person.press(CONTROL, Z);
      int number = lot(person).id().number();
      person.press(ENTER).until(() -> !person.sees("picture-page"));
      Lot kept = person.batch().lot(lot(person).id()).orElseThrow();
      assertThat(kept.id().number()).isEqualTo(number);
      Measure.Pictured picture = kept.latest(Measure.Pictured.class).orElseThrow();
      assertThat(picture.specks()).hasSize(12);
      assertThat(picture.file()).isEqualTo("specks.png");
      assertThat(picture.pxPerMm()).isBetween(29.5, 30.5);
      assertThat(picture.sha256()).hasSize(64);
      assertThat(picture.traced().orElseThrow().by()).isEqualTo(Traced.By.DISC);
      assertThat(picture.traced().orElseThrow().marks().stream().filter(Traced.Mark::isGold))
          .hasSize(12)
          .allSatisfy(mark -> assertThat(Outlines.read(mark.outline())).hasSizeGreaterThan(8));
      person.settle();
      PictureCopy copy = person.workbench().session().picturesOf(person.batch()).getFirst();
      assertThat(copy.sha256()).isEqualTo(picture.sha256());
      assertThat(ImageIO.read(new ByteArrayInputStream(copy.jpeg())).getWidth()).isEqualTo(1200);
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
    PictureScale scale =
        Scales.of(whole.light(), new KnownSize.Disc(DrawnPicture.DISC_MM)).orElseThrow();
    Looking look = new Looking(whole.light(), scale, Tray.BLACK, Kappa.told(0.28, 17.2), 1);
    DrawnPicture.Gold gold = drawn.specks().getFirst();
    look.sure(new Point(gold.x(), gold.y()));
    while (look.tally().unsure() > 0) {
      look.nextUnsure();
      look.say(true);
    }
    weigh(look);
    List<Measure> kept =
        KeptPicture.measures(
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
        KeptPicture.measures((Read.Whole) read, look, mass, 1, Optional.empty(), Optional.empty());
    assertThat(eye).hasSize(2);
    assertThat(((Measure.KnownGold) eye.get(1)).milligrams()).isEqualTo(mass.milligrams().usual());
    List<Measure> scale =
        KeptPicture.measures(
            (Read.Whole) read,
            look,
            mass,
            1,
            Optional.of(250.0),
            Optional.of(new KeptPicture.Weighed(4.2, KeptPicture.stepMg("4.2"))));
    assertThat(scale).hasSize(3);
    assertThat(((Measure.Pictured) scale.getFirst()).milligrams()).isEqualTo(4.2);
    assertThat(((Measure.Pictured) scale.getFirst()).highMg()).isEqualTo(4.25);
    Measure.PannedSample sample = (Measure.PannedSample) scale.get(1);
    assertThat(sample.seen().stream().mapToInt(Measure.PannedSample.Seen::specks).sum())
        .isEqualTo(12);
    assertThat(scale.get(2)).isEqualTo(new Measure.WeighedSpecks(12, 4.2, 0.1));
    assertThat(KeptPicture.stepMg("4")).isEqualTo(1);
    assertThat(KeptPicture.stepMg("4,25")).isEqualTo(0.01);
  }

  /** Through the scale and the click, up to where it is gone through. */
  private Person goingThrough(Path file) {
    Person person = atThePicture(file);
    person.until(() -> person.sees("eye-find"));
    person.click("eye-tray-BLACK").type("eye-size", "8").press(ENTER);
    person.until(() -> person.sees("eye-yes")).press(ENTER);
    person.until(() -> person.sees("eye-sure"));
    // The first that was found is one of the gold ones, which lie at the top.
    person.press(TAB).press(ENTER).until(() -> person.sees("eye-keep"));
    return person;
  }

  private static void cross(Person person, double x, double y) {
    person.drawn(
        () -> {
          ((PictureView) person.root().lookup("#picture")).to(new Point(x, y));
          return true;
        });
  }

  private static Point cross(Person person) {
    return person.drawn(() -> ((PictureView) person.root().lookup("#picture")).cross());
  }

  private static void noUnsure(Person person) {
    while (person.text("eye-mass").contains("unsure")) {
      person.press(SPACE).press(X);
    }
    person.until(() -> person.text("eye-mass").contains("mg of gold"));
  }

  /** The window is closed on the way: it goes on where it was, with what was typed. */
  @Test
  void whatWasBegunGoesOn() throws Exception {
    String count;
    try (Person person = goingThrough(drawn())) {
      noUnsure(person);
      person.pressTimes(TAB, 2).press(G);
      count = person.text("eye-count");
      assertThat(count).isEqualTo("11 specks");
      person.type("eye-panned", "250").settle();
      assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(Copies.beside(book))))
          .as("the picture begun still has its tags")
          .isEqualTo("rwx------");
    }
    try (Person person = Person.at(book)) {
      person.open(lot(person).id().number()).press(E);
      person.until(() -> person.sees("eye-go-on"));
      assertThat(person.text("eye-question")).contains("specks.png");
      person.press(ENTER).until(() -> person.sees("eye-keep"));
      assertThat(person.text("eye-count")).isEqualTo(count);
      assertThat(person.text("eye-panned")).isEqualTo("250");
      person.until(() -> person.text("eye-mass").contains("mg of gold"));
      person.click("eye-keep").until(() -> !person.sees("picture-page"));
      assertThat(lot(person).latest(Measure.PannedSample.class).orElseThrow().sampleG())
          .isEqualTo(250);
      person.press(E).until(() -> person.sees("eye-open")).settle();
      assertThat(person.sees("eye-go-on")).as("it is kept now").isFalse();
      person.choosing(folder.resolve("specks.png")).press(P);
      person.until(() -> person.text("eye-wrong").contains("kept already"));
      assertThat(person.sees("eye-find")).isFalse();
    }
  }

  @Test
  void oneThatIsGivenUpIsGone() throws Exception {
    try (Person person = goingThrough(drawn())) {
      person.press(ESCAPE).settle();
      person.press(E).until(() -> person.sees("eye-go-on"));
      person.press(F).settle();
      assertThat(person.sees("eye-go-on")).isFalse();
      person.press(ESCAPE).press(E).until(() -> person.sees("eye-open")).settle();
      assertThat(person.sees("eye-go-on")).isFalse();
    }
  }

  /** Corners by keys stand for the one in hand; a length is read off between two places. */
  @Test
  void anOutlineIsDrawnAnewAndALengthMeasured() throws Exception {
    try (Person person = goingThrough(drawn())) {
      noUnsure(person);
      person.pressTimes(TAB, 2).press(O);
      for (int[] corner : new int[][] {{500, 300}, {530, 300}, {530, 330}, {500, 330}}) {
        cross(person, corner[0], corner[1]);
        person.press(ENTER);
      }
      person.press(O);
      assertThat(person.text("eye-count")).isEqualTo("12 specks");
      assertThat(person.sees("eye-wrong")).isFalse();
      person.press(O).press(O);
      assertThat(person.text("eye-wrong")).contains("three corners");
      cross(person, 500, 300);
      person.press(M);
      person.press(SHIFT, RIGHT).press(SHIFT, RIGHT).press(SHIFT, RIGHT);
      assertThat(person.text("eye-question")).startsWith("1 mm from there");
      person.press(ESCAPE);
      assertThat(person.sees("eye-keep")).as("Esc ends measuring alone").isTrue();
      person.until(() -> person.text("eye-mass").contains("mg of gold"));
      person.click("eye-keep").until(() -> !person.sees("picture-page"));
      assertThat(lot(person).latest(Measure.Pictured.class).orElseThrow().specks())
          .anySatisfy(speck -> assertThat(speck.areaMm2()).isBetween(0.96, 1.04));
    }
  }

  @Test
  void anEllipseIsDrawnWithTheMouse() throws Exception {
    Read.Whole whole = (Read.Whole) PictureFile.read(drawn());
    Looking look = looked(whole);
    look.ellipse(new Point(500, 300), new Point(520, 340));
    assertThat(look.tally().gold()).hasSize(13);
    assertThat(look.tally().gold().getLast().longPx()).isEqualTo(40);
    assertThat(look.tally().gold().getLast().areaPx()).isEqualTo(Math.PI / 4 * 20 * 40);
    look.ellipse(new Point(500, 300), new Point(501, 340));
    assertThat(look.tally().gold()).as("a slip of the hand").hasSize(13);
    assertThat(look.back()).isTrue();
    assertThat(look.tally().gold()).hasSize(12);
  }

  /** The second look at a lot is held beside the first. */
  @Test
  void aLookIsComparedWithTheOneBefore() throws Exception {
    try (Person person = goingThrough(drawn())) {
      noUnsure(person);
      person.type("eye-panned", "250");
      assertThat(person.sees("eye-before")).as("there is none before").isFalse();
      person.click("eye-keep").until(() -> !person.sees("picture-page"));
    }
    try (Person person = goingThrough(other())) {
      noUnsure(person);
      person.type("eye-panned", "2500");
      assertThat(person.text("eye-before")).contains("12 specks in 250").contains("Fewer leave");
      person.type("eye-panned", "260");
      assertThat(person.text("eye-before")).contains("does not tell them apart");
    }
  }

  /** The same specks under another light: another file. */
  private Path other() throws IOException {
    BufferedImage image = ImageIO.read(drawn().toFile());
    image.setRGB(1100, 60, 0xff303032);
    Path file = folder.resolve("other.png");
    ImageIO.write(image, "png", file.toFile());
    return file;
  }

  /** What a trial got back is counted in a picture, class by class; nothing of it stays behind. */
  @Test
  void aTrialCountsWhatItGotBackInAPicture() throws Exception {
    Path file = drawn();
    try (Person person = Person.at(book)) {
      person.press(CONTROL, DIGIT6).click("gear-part-TRIALS");
      person.until(() -> person.sees("trial-new")).click("trial-new");
      person.write("By the eye").press(ENTER).press(P);
      person.type("trial-classes", "20 30 50").press(ENTER);
      person.press(ENTER).type("trial-spike-1", "40").press(ENTER).press(ENTER);
      person.until(() -> person.sees("trial-find-picture")).click("trial-find-picture");
      person.until(() -> person.sees("eye-open"));
      assertThat(person.sees("eye-draw")).as("a drawn one is no evidence").isFalse();
      person.choosing(file).press(P).until(() -> person.sees("eye-find"));
      person.click("eye-tray-BLACK").type("eye-size", "8").press(ENTER);
      person.until(() -> person.sees("eye-yes")).press(ENTER);
      person.until(() -> person.sees("eye-sure"));
      cross(person, 600, 170);
      person.press(ENTER).until(() -> person.sees("eye-keep"));
      assertThat(person.sees("eye-panned")).isFalse();
      noUnsure(person);
      person.press(ENTER).until(() -> person.sees("trial-find-keep"));
      int all = 0;
      for (int field = 0; person.sees("trial-found-" + field); field += Material.PORTS.size()) {
        all += Integer.parseInt(person.text("trial-found-" + field));
      }
      assertThat(all).isEqualTo(12);
      assertThat(person.workbench().session().picturesOf(person.batch()))
          .as("the one of the demo alone")
          .hasSize(1);
    }
  }

  /** Bench mode asks for specks: one key takes the newest picture, and it goes on behind it. */
  @Test
  void benchModeCountsInAPicture() throws Exception {
    Path file = drawn();
    try (Person person = Person.at(book)) {
      person.open(lot(person).id().number()).press(E).until(() -> person.sees("eye-open"));
      person.choosing(file).press(P).until(() -> person.sees("eye-find")).press(ESCAPE);
      Files.setLastModifiedTime(file, FileTime.from(Instant.parse("2026-05-04T07:59:00Z")));
      person.press(F11).until(() -> !person.text("hands-question").isEmpty());
      for (int i = 0; i < 40 && !person.sees("hands-picture"); i++) {
        person.press(TAB);
      }
      String question = person.text("hands-question");
      person.press(F9).until(() -> person.sees("eye-find"));
      person.press(ESCAPE).until(() -> person.sees("hands-question"));
      assertThat(person.text("hands-question")).isEqualTo(question);
      person.press(ESCAPE);
      assertThat(person.sees("hands-question")).isFalse();
    }
  }

  /** A camera saves into the folder one opened from: the page takes it by itself. */
  @Test
  void whatACameraSavesComesByItself() throws Exception {
    Path file = drawn();
    WallClock clock = new WallClock("2026-05-04T08:00:00Z");
    try (Person person = Person.at(book, clock)) {
      person.open(lot(person).id().number()).press(E).until(() -> person.sees("eye-open"));
      person.choosing(file).press(P).until(() -> person.sees("eye-find"));
      person.press(ESCAPE).press(E).until(() -> person.sees("eye-newest"));
      Path next = folder.resolve("specks 2.png");
      Files.copy(file, next);
      Files.setLastModifiedTime(next, FileTime.from(clock.instant().plusSeconds(5)));
      assertThat(person.sees("eye-find")).as("it may still grow").isFalse();
      clock.goes(Duration.ofSeconds(30));
      person.until(() -> person.sees("eye-find"));
      Path third = folder.resolve("specks 3.png");
      Files.copy(file, third);
      Files.setLastModifiedTime(third, FileTime.from(clock.instant()));
      clock.goes(Duration.ofSeconds(30));
      person.until(() -> person.text("eye-waiting").contains("One more picture"));
    }
  }

  private static void weigh(Looking look) {
    look.know(look.drawing().get());
  }

  private static Looking looked(Read.Whole whole) {
    PictureScale scale = Scales.of(whole.light(), new KnownSize.Disc(8)).orElseThrow();
    Looking look = new Looking(whole.light(), scale, Tray.BLACK, Kappa.told(0.3, 17.5), 1);
    look.sure(new Point(600, 170));
    while (look.tally().unsure() > 0) {
      look.nextUnsure();
      look.say(false);
    }
    weigh(look);
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
