package jugulum.core.identify;

import java.util.List;

/** What one can find out about a speck, the cheapest first. */
public enum Clue {
  /** The colour in shade. */
  COLOUR("yellow", "brassy", "silvery", "grey", "red", "brown-black", "clear"),
  /** What it does when turned in the light. */
  TURNED("same", "flashes", "fades", "glassy"),
  SHAPE("rounded", "flake", "cube", "sheet", "ball", "angular", "cut-edges"),
  /** Where it stays in the pan beside sand and gold. */
  IN_THE_PAN("stays-last", "with-black-sand", "goes-with-sand", "floats-off"),
  MAGNET("no", "weakly", "strongly"),
  /** What a needle does to it. */
  NEEDLE("dents", "smears", "shatters", "splits", "nothing"),
  /** What it is scratched by: a fingernail, copper, steel, none of them. */
  SCRATCH("nail", "copper", "steel", "none"),
  /** A pinch weighed in water, in g/cm³: below 3.4, to 6, to 9, to 12.5, above. */
  DENSITY("below-3.4", "to-6", "to-9", "to-12.5", "above-12.5");

  private final List<String> answers;

  Clue(String... answers) {
    this.answers = List.of(answers);
  }

  /** What can be found, by the names used in texts and files. */
  public List<String> answers() {
    return answers;
  }
}
