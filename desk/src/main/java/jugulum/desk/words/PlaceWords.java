package jugulum.desk.words;

import jugulum.core.gold.Place;

/** Names the places gold can be. */
public final class PlaceWords {
  private PlaceWords() {}

  /** A place by name, with how many of its lots nobody looked at. */
  public static String name(Place place) {
    String name = Words.of("place", place.kind());
    boolean part = !place.isUnseen() && !place.notLookedAt().isEmpty() && place.kind() != Place.Kind.BY_DIFFERENCE;
    return part ? Words.counted("account.place.part", place.notLookedAt().size(), name) : name;
  }
}
