package jugulum.core.eye;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import jugulum.core.eye.PartBorder.Candidate;

/**
 * Looks for specks of gold in a picture: what may be gold by its colour, its border where it is
 * half gold and half ground, specks that touch taken apart, each judged beside one that is gold for
 * sure. It measures and proposes; a hand decides.
 *
 * <p>Figures of parameters are from a hundred drawn pictures, none real; docs/science/eye.md.
 */
public final class Eye {
  /** The number of these rules; what was seen under others is told so. */
  public static final int RULE = 1;

  private final Light light;
  private final PictureScale scale;
  private final double yellowness;
  private final List<Candidate> candidates = new ArrayList<>();

  /**
   * Looks for what may be gold, which takes the time there is to take: what of it is, is judged
   * from that.
   *
   * @param scale as it was found, and a person said yes to
   * @param tray what the specks lie on
   */
  public Eye(Light light, PictureScale scale, Tray tray) {
    this.light = light;
    this.scale = scale;
    Colours colours = new Colours(light, scale.covered(), tray);
    yellowness = colours.yellowness();
    Labels labels = Labels.of(Yellow.mask(colours), light.width(), light.height());
    for (int number = 1; number <= labels.count(); number++) {
      candidates.addAll(PartBorder.look(colours, labels, number));
    }
  }

  /**
   * What is in a picture.
   *
   * @param scale as it was found, and a person said yes to
   * @param tray what the specks lie on
   * @param sure a place where gold lies for sure; empty where nobody pointed at one
   */
  public static PictureSeen look(Light light, PictureScale scale, Tray tray, Optional<Point> sure) {
    return new Eye(light, scale, tray).judged(sure);
  }

  /**
   * What is in the picture.
   *
   * @param sure a place where gold lies for sure; empty where nobody pointed at one
   */
  public PictureSeen judged(Optional<Point> sure) {
    List<SeenSpeck> specks = Judge.of(candidates, scale.pxPerMm(), sure);
    OptionalDouble blur = Blur.of(light, specks);
    return new PictureSeen(specks, scale, burnt(specks), blur, yellowness);
  }

  private static double burnt(List<SeenSpeck> specks) {
    double burnt = 0;
    double all = 0;
    for (SeenSpeck speck : specks) {
      if (speck.isGold()) {
        burnt += speck.burnt() * speck.areaPx();
        all += speck.areaPx();
      }
    }
    return all > 0 ? burnt / all : 0;
  }
}
