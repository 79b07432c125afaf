package jugulum.core.eye;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import javax.imageio.ImageIO;

/**
 * A drawn picture with its truth: what lies in it, and what a person tells of it.
 *
 * @param light the picture
 * @param known what lies beside the specks
 * @param click where gold lies for sure
 * @param handful the same gold weighed
 * @param pxPerMm as it was drawn
 * @param massMg of all specks
 */
record Fixture(
    String name,
    Light light,
    KnownSize known,
    Tray tray,
    Point click,
    Handful handful,
    double pxPerMm,
    double massMg,
    List<Drawn> specks) {
  static final List<String> ALL =
      List.of(
          "01_pan_green_disc",
          "02_pan_black_disc",
          "03_pan_blue_ruler",
          "04_pan_steel_disc",
          "05_tray_white_ruler",
          "06_tray_white_disc",
          "07_tray_black_ruler",
          "08_tray_black_mesh",
          "09_scope_white_mesh",
          "10_scope_black_mesh");

  /** A handful of gold looked at by the same eye and weighed. */
  record Handful(
      int specks, double milligrams, double stepMg, double sumArea15Mm3, double effective) {}

  /** A speck that was drawn. */
  record Drawn(Point centre, double areaMm2, double massMg, double visible) {
    double acrossPx(double pxPerMm) {
      return Math.sqrt(4 * areaMm2 / Math.PI) * pxPerMm;
    }
  }

  static Fixture of(String name) {
    return of(name, there(name + ".jpg"), there(name + ".txt"));
  }

  static Fixture of(String name, InputStream jpeg, InputStream text) {
    try (InputStream picture = jpeg;
        BufferedReader truth =
            new BufferedReader(new InputStreamReader(text, StandardCharsets.UTF_8))) {
      BufferedImage image = ImageIO.read(picture);
      int[] rgb =
          image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
      return read(name, Light.of(rgb, image.getWidth(), image.getHeight()), truth.lines().toList());
    } catch (IOException unreadable) {
      throw new IllegalStateException(name, unreadable);
    }
  }

  /** What a person would make of what was seen: no false ones, none missed that is half seen. */
  List<SeenSpeck> corrected(PictureSeen seen, Random random) {
    List<SeenSpeck> left = new ArrayList<>();
    for (Drawn drawn : specks) {
      double across = drawn.acrossPx(pxPerMm);
      if (drawn.visible() >= 0.5 && across >= LEAST_PX) {
        List<SeenSpeck> on =
            seen.gold().stream()
                .filter(one -> one.centre().to(drawn.centre()) < Math.max(2.5, across / 2))
                .filter(one -> specks.stream().filter(each -> lies(each, one)).count() == 1)
                .toList();
        left.add(on.size() == 1 ? on.getFirst() : outlined(drawn, random));
      }
    }
    return left;
  }

  private static final double LEAST_PX = 4;

  private static boolean lies(Drawn drawn, SeenSpeck mark) {
    return drawn.centre().to(mark.centre()) < Math.max(2.5, mark.acrossPx() / 2);
  }

  /** As a hand outlines it: a pixel or so beside the border. */
  private SeenSpeck outlined(Drawn drawn, Random random) {
    double across = drawn.acrossPx(pxPerMm) * drawn.visible();
    double told = Math.max(3, across + 0.5 * random.nextGaussian());
    double area = Math.PI / 4 * told * told;
    return new SeenSpeck(
        drawn.centre(),
        area,
        told,
        told,
        0,
        0,
        0,
        false,
        SeenSpeck.Verdict.GOLD,
        Optional.empty(),
        List.of());
  }

  Kappa kappa() {
    return Kappa.handful(
            handful.specks(),
            handful.milligrams(),
            handful.stepMg(),
            handful.sumArea15Mm3(),
            handful.sumArea15Mm3() * handful.sumArea15Mm3() / handful.effective())
        .orElseGet(() -> Kappa.told(0.28, 17.2));
  }

  private static InputStream there(String name) {
    InputStream found = Fixture.class.getResourceAsStream("/eye/" + name);
    assertThat(found).as(name).isNotNull();
    return found;
  }

  private static Fixture read(String name, Light light, List<String> lines) {
    KnownSize known = new KnownSize.Disc(1);
    Tray tray = Tray.WHITE;
    Point click = new Point(0, 0);
    Handful handful = new Handful(0, 0, 0, 0, 0);
    double pxPerMm = 0;
    double mass = 0;
    List<Drawn> specks = new ArrayList<>();
    for (String line : lines) {
      String[] words = line.split(" ");
      switch (words[0]) {
        case "scale" -> known = known(words);
        case "tray" -> tray = Tray.valueOf(words[1].toUpperCase(Locale.ROOT));
        case "click" -> click = new Point(number(words[1]), number(words[2]));
        case "handful" ->
            handful =
                new Handful(
                    Integer.parseInt(words[1]),
                    number(words[2]),
                    number(words[3]),
                    number(words[4]),
                    number(words[5]));
        case "pxPerMm" -> pxPerMm = number(words[1]);
        case "mass" -> mass = number(words[1]);
        case "speck" ->
            specks.add(
                new Drawn(
                    new Point(number(words[1]), number(words[2])),
                    number(words[3]),
                    number(words[4]),
                    number(words[5])));
        default -> {}
      }
    }
    return new Fixture(
        name, light, known, tray, click, handful, pxPerMm, mass, List.copyOf(specks));
  }

  private static KnownSize known(String[] words) {
    return switch (words[1]) {
      case "disc" -> new KnownSize.Disc(number(words[2]));
      case "ruler" -> new KnownSize.Ruler(number(words[2]));
      default -> new KnownSize.Mesh(number(words[2]), number(words[3]), true);
    };
  }

  private static double number(String text) {
    return Double.parseDouble(text);
  }
}
