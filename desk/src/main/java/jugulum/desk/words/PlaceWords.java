package jugulum.desk.words;

import jugulum.core.gold.Place;

/** Names the places gold can be. */
public final class PlaceWords {
  private PlaceWords() {}

  /** A place by name, with how many of its lots nobody looked at. */
  public static String name(Words words, Place place) {
    String name = words.of("place", place.kind());
    boolean part =
        !place.isUnseen()
            && !place.notLookedAt().isEmpty()
            && place.kind() != Place.Kind.BY_DIFFERENCE;
    String told =
        place.isByHead() && place.kind() != Place.Kind.BY_DIFFERENCE
            ? words.of("where.by-head", name)
            : name;
    return part && !place.isByHead()
        ? words.counted("account.place.part", place.notLookedAt().size(), told)
        : told;
  }

  /** Its free gold, as far as it was told apart. */
  public static String free(Place place, Figures figures) {
    return place
        .free()
        .map(gold -> figures.gold(gold.milligrams()))
        .orElse(figures.words().of("header.none"));
  }

  /** Its hidden gold, or of how many lots nobody measured it. */
  public static String hidden(Place place, Figures figures) {
    Words words = figures.words();
    String measured =
        place.hidden().map(gold -> figures.gold(gold.milligrams())).orElse(words.of("header.none"));
    if (place.hiddenOpen().isEmpty() || place.kind() == Place.Kind.BY_DIFFERENCE) {
      return measured;
    }
    return place.hidden().isPresent()
        ? words.counted("gold.hidden.part", place.hiddenOpen().size(), measured)
        : words.of("gold.hidden.open");
  }
}
