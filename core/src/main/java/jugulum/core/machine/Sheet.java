package jugulum.core.machine;

import java.util.List;
import java.util.Optional;
import jugulum.core.ledger.Machine;
import jugulum.core.ledger.Material;

/**
 * The bench sheet of a kind of machine, as data; every text stands in the window's bundles under the names here.
 *
 * @param kind the machine
 * @param dials what is set, most important first
 * @param checks what must be level, bolted, open or shut before the water runs
 * @param ports what leaves, and by which port
 * @param suits the sizes it is good for
 * @param symptoms what one sees when it is out of tune
 * @param cleaning the steps of cleaning it out
 */
public record Sheet(
    Machine.Kind kind, List<Dial> dials, List<String> checks, List<Material> ports, Sizes suits, List<Symptom> symptoms, List<String> cleaning) {
  /** Keeps its own copies. */
  public Sheet {
    dials = List.copyOf(dials);
    checks = List.copyOf(checks);
    ports = List.copyOf(ports);
    symptoms = List.copyOf(symptoms);
    cleaning = List.copyOf(cleaning);
  }

  /** The dial of a name. */
  public Optional<Dial> dial(String id) {
    return dials.stream().filter(dial -> dial.id().equals(id)).findFirst();
  }

  /**
   * The sizes a machine is good for.
   *
   * @param finestMm from 0 mm
   * @param coarsestMm to 200 mm
   */
  public record Sizes(double finestMm, double coarsestMm) {
    /**
     * How well a cut suits.
     *
     * @param upperMm its upper opening, in mm
     * @param lowerMm its lower opening, in mm; 0 for the pan
     */
    public Fit fit(double upperMm, double lowerMm) {
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
