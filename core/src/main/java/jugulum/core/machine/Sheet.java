package jugulum.core.machine;

import java.util.List;
import java.util.Optional;
import jugulum.core.check.Band;
import jugulum.core.check.Check;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;
import jugulum.core.screens.Cut;
import jugulum.core.window.Conditions;

/**
 * The bench sheet of a kind of machine, as data; every text stands in the window's bundles under
 * the names here.
 *
 * @param kind the machine
 * @param dials what is set, most important first
 * @param checks what must be level, bolted, open or shut before the water runs
 * @param ports what leaves, and by which port
 * @param suits the sizes it is good for
 * @param symptoms what one sees when it is out of tune
 * @param cleaning the steps of cleaning it out
 * @param cautions what can hurt someone at it
 * @param expected the recovery of gold of sizes that suit it, 0 to 1, where there is no record of
 *     one's own: a wide range, common practice
 * @param working how it is worked
 */
public record Sheet(
    Machine.Kind kind,
    List<Dial> dials,
    List<String> checks,
    List<Material> ports,
    Sizes suits,
    List<Symptom> symptoms,
    List<String> cleaning,
    List<String> cautions,
    Band expected,
    Working working) {
  /** Keeps its own copies. */
  public Sheet {
    dials = List.copyOf(dials);
    checks = List.copyOf(checks);
    ports = List.copyOf(ports);
    symptoms = List.copyOf(symptoms);
    cleaning = List.copyOf(cleaning);
    cautions = List.copyOf(cautions);
  }

  /** The same sheet with other dials and for other sizes. */
  Sheet with(List<Dial> otherDials, Sizes other) {
    return new Sheet(
        kind, otherDials, checks, ports, other, symptoms, cleaning, cautions, expected, working);
  }

  /** The dial of a name. */
  public Optional<Dial> dial(String id) {
    return dials.stream().filter(dial -> dial.id().equals(id)).findFirst();
  }

  /**
   * How well a cut suits: one no screen bounds above does so in part at best, and gold finer than
   * anyone asks for is left out of account.
   */
  public Fit fit(Cut cut) {
    Fit fit = suits.fit(cut.upperMm(), finest(cut));
    return cut.passing().isEmpty() && fit == Fit.SUITS ? Fit.IN_PART : fit;
  }

  private static double finest(Cut cut) {
    return Math.min(cut.upperMm(), Math.max(cut.lowerMm(), Conditions.USUAL_FINEST_GOLD_MM));
  }

  /**
   * Where the sizes of a cut lie among those the machine is good for: 0 for the finest, 1 for the
   * coarsest, on a logarithmic scale.
   */
  public double coarseness(Cut cut) {
    double upper = Math.min(cut.upperMm(), suits.coarsestMm());
    double middle = Math.sqrt(upper * Math.min(upper, finest(cut)));
    return Math.clamp(
        Math.log(middle / suits.finestMm()) / Math.log(suits.coarsestMm() / suits.finestMm()),
        0,
        1);
  }

  /**
   * The sizes a machine is good for.
   *
   * @param finestMm in mm, from 0.001
   * @param coarsestMm in mm, above the finest, to 200
   */
  public record Sizes(double finestMm, double coarsestMm) {
    /** Checks both. */
    public Sizes {
      Check.inRange("finestMm", finestMm, 0.001, 200);
      Check.inRange("coarsestMm", coarsestMm, Math.nextUp(finestMm), 200);
    }

    /**
     * How well a cut suits.
     *
     * @param upperMm its upper opening, in mm
     * @param lowerMm its lower opening, in mm; 0 for the pan
     */
    Fit fit(double upperMm, double lowerMm) {
      if (upperMm <= coarsestMm && lowerMm >= finestMm) {
        return Fit.SUITS;
      }
      return upperMm <= finestMm || lowerMm >= coarsestMm ? Fit.OUTSIDE : Fit.IN_PART;
    }
  }

  /** How well a cut suits a machine. */
  public enum Fit {
    SUITS,
    IN_PART,
    OUTSIDE
  }
}
