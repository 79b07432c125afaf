package jugulum.core.ledger;

import java.util.OptionalDouble;
import jugulum.core.check.Check;
import jugulum.core.ledger.Measure.Smelt.Collector;
import jugulum.core.ledger.Measure.VisibleGold;

/** What can be known of sand on its way from a crucible to a bead, one thing at a time. */
public sealed interface MeltFact {
  /** Whether it is said of one crucible, and not of all the sand taken. */
  default boolean isOfOneCrucible() {
    return switch (this) {
      case Sure(Stop stop) -> stop.isOfOneCrucible();
      case Begun(Phase phase) -> phase != Phase.ROAST;
      case Charged _, Button _, Matte _, Shot _, Bead _, Parted _, Spoilt _ -> true;
      case Taken _, Sands _, Roasted _, Blank _, Cost _, Ended _ -> false;
    };
  }

  /** What must be so before heat, each said yes to by somebody who looked. */
  enum Stop {
    /** The sand never met mercury. */
    NO_MERCURY,
    /** Dry, and ground where gold locked in grains is looked for. */
    DRY,
    /** Sound, warm and numbered. */
    SOUND,
    /** The collector is in the crucible. */
    COLLECTOR_IN,
    /** Mould and tools are dry and hot. */
    MOULD_HOT,
    /** Fume is drawn off, face and hands are covered, nobody is alone. */
    COVERED;

    /** Whether it is asked for every crucible. */
    public boolean isOfOneCrucible() {
      return this != NO_MERCURY && this != DRY;
    }
  }

  /** What takes its time. */
  enum Phase {
    /** Sulfides burn off. */
    ROAST,
    MELT,
    /** Poured, it cools in its mould. */
    COOL,
    CUPEL
  }

  /**
   * Sand was taken out of the lot to be melted. Begins a round: what is said after belongs to it.
   *
   * @param sampleG dry, in grams, from 0.1
   * @param visible what became of the gold one could see in it
   */
  record Taken(double sampleG, VisibleGold visible) implements MeltFact {
    /** Checks the mass. */
    public Taken {
      Check.inRange("sampleG", sampleG, 0.1, Check.HEAVIEST_G);
    }
  }

  /**
   * What the sand is, by mass; the rest is quartz and the like.
   *
   * @param iron magnetite and hematite, 0 to 1
   * @param garnet garnet, ilmenite, chromite, 0 to 1
   * @param sulfide pyrite and the like, before it is roasted, 0 to 1; not above 1 together
   */
  record Sands(double iron, double garnet, double sulfide) implements MeltFact {
    /** Checks every share, and all together. */
    public Sands {
      Check.share("iron", iron);
      Check.share("garnet", garnet);
      Check.share("sulfide", sulfide);
      Check.inRange("sharesTogether", iron + garnet + sulfide, 0, 1 + 1e-9);
    }

    /** What is none of the others, 0 to 1. */
    public double rest() {
      return Math.max(0, 1 - iron - garnet - sulfide);
    }
  }

  /**
   * Somebody looked, and it is so.
   *
   * @param stop what
   */
  record Sure(Stop stop) implements MeltFact {}

  /**
   * All the sand taken was roasted.
   *
   * @param beforeG in grams, from 0.1
   * @param afterG in grams, above 0; sand that took oxygen is heavier
   */
  record Roasted(double beforeG, double afterG) implements MeltFact {
    /** Checks both masses. */
    public Roasted {
      Check.inRange("beforeG", beforeG, 0.1, Check.HEAVIEST_G);
      Check.inRange("afterG", afterG, 0.01, beforeG * MOST_GAINED);
    }

    /** Iron that takes all the oxygen it can gains less: magnetite 0.035, metal 0.43. */
    private static final double MOST_GAINED = 1.5;
  }

  /**
   * A crucible was charged.
   *
   * @param sandG as it is now, roasted where it was roasted, in grams, from 0.1
   * @param collector the metal that gathers the gold
   * @param collectorG how much of it, in grams; empty where there is none, or nobody weighed it
   */
  record Charged(double sandG, Collector collector, OptionalDouble collectorG) implements MeltFact {
    /** Checks both masses. */
    public Charged {
      Check.inRange("sandG", sandG, 0.1, Check.HEAVIEST_G);
      collectorG.ifPresent(
          grams ->
              Check.inRange(
                  "collectorG", grams, 0, collector == Collector.NONE ? 0 : Check.HEAVIEST_G));
    }
  }

  /**
   * Something that takes its time began.
   *
   * @param phase what
   */
  record Begun(Phase phase) implements MeltFact {}

  /**
   * The button, knocked free of its slag.
   *
   * @param grams above 0
   */
  record Button(double grams) implements MeltFact {
    /** Checks the mass. */
    public Button {
      Check.inRange("buttonG", grams, 0.001, Check.HEAVIEST_G);
    }
  }

  /**
   * Matte lay on the button: it holds gold, and is kept apart.
   *
   * @param grams above 0
   */
  record Matte(double grams) implements MeltFact {
    /** Checks the mass. */
    public Matte {
      Check.inRange("matteG", grams, 0.001, Check.HEAVIEST_G);
    }
  }

  /**
   * Shot got out of the crushed slag.
   *
   * @param grams above 0
   * @param isCupelled whether it went into the cupel with the button
   */
  record Shot(double grams, boolean isCupelled) implements MeltFact {
    /** Checks the mass. */
    public Shot {
      Check.inRange("shotG", grams, 0.001, Check.HEAVIEST_G);
    }
  }

  /**
   * The bead as it came from the cupel.
   *
   * @param milligrams 0 or more
   */
  record Bead(double milligrams) implements MeltFact {
    /** Checks the mass. */
    public Bead {
      Check.inRange("beadMg", milligrams, 0, 1e6);
    }
  }

  /**
   * What a licensed laboratory parted out of the bead.
   *
   * @param goldMg fine gold, in milligrams, 0 or more
   */
  record Parted(double goldMg) implements MeltFact {
    /** Checks the mass. */
    public Parted {
      Check.inRange("partedMg", goldMg, 0, 1e6);
    }
  }

  /**
   * The crucible was lost, and its sand with it: it is left out.
   *
   * @param reason why
   */
  record Spoilt(String reason) implements MeltFact {
    /** Strips the reason. */
    public Spoilt {
      reason = reason.strip();
    }
  }

  /**
   * What the collector alone leaves in a cupel, as much of it as goes into a crucible.
   *
   * @param milligrams 0 or more
   */
  record Blank(double milligrams) implements MeltFact {
    /** Checks the mass. */
    public Blank {
      Check.inRange("blankMg", milligrams, 0, 1e6);
    }
  }

  /**
   * What all of it cost.
   *
   * @param money in the shop's currency, 0 or more
   */
  record Cost(double money) implements MeltFact {
    /** Checks the sum. */
    public Cost {
      Check.inRange("cost", money, 0, 1e6);
    }
  }

  /** No more crucibles of the sand taken. */
  record Ended() implements MeltFact {}
}
