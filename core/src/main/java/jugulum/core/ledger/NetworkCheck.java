package jugulum.core.ledger;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jugulum.core.ledger.NetworkFinding.Kind;

/**
 * Checks that a batch from elsewhere is a sound network: every number once, every lot made once
 * before it is taken once.
 */
public final class NetworkCheck {
  private final List<NetworkFinding> findings = new ArrayList<>();
  private final Set<ReadingId> readingIds = new HashSet<>();
  private final Batch batch;

  private NetworkCheck(Batch batch) {
    this.batch = batch;
  }

  /** All that is wrong, in the order of the batch; empty for a sound one. */
  public static List<NetworkFinding> findings(Batch batch) {
    NetworkCheck check = new NetworkCheck(batch);
    check.label();
    Set<LotId> lots = check.lots();
    check.steps(lots);
    return List.copyOf(check.findings);
  }

  private void label() {
    if (batch.label().name().isEmpty()) {
      found(Kind.NAME_MISSING, "/label/name", "");
    }
  }

  private Set<LotId> lots() {
    Set<LotId> ids = new HashSet<>();
    for (int i = 0; i < batch.lots().size(); i++) {
      Lot lot = batch.lots().get(i);
      if (!ids.add(lot.id())) {
        found(Kind.NUMBER_TWICE, "/lots/" + i + "/id", lot.id().number());
      }
      readings(lot.readings(), "/lots/" + i, Measure.On.LOT);
    }
    return ids;
  }

  private void steps(Set<LotId> lots) {
    Set<StepId> ids = new HashSet<>();
    Set<LotId> made = new HashSet<>();
    Set<LotId> madeLive = new HashSet<>();
    Set<LotId> taken = new HashSet<>();
    for (int i = 0; i < batch.steps().size(); i++) {
      Step step = batch.steps().get(i);
      String where = "/steps/" + i;
      if (!ids.add(step.id())) {
        found(Kind.NUMBER_TWICE, where + "/id", step.id().number());
      }
      for (int j = 0; j < step.inputs().size(); j++) {
        LotId lot = step.inputs().get(j);
        Set<LotId> soFar = step.isLive() ? madeLive : made;
        if (!lots.contains(lot)) {
          found(Kind.NO_SUCH_LOT, where + "/inputs/" + j, lot.number());
        } else if (!soFar.contains(lot)) {
          found(Kind.LOT_TAKEN_BEFORE_MADE, where + "/inputs/" + j, lot.number());
        } else if (step.isLive() && !taken.add(lot)) {
          found(Kind.LOT_TAKEN_TWICE, where + "/inputs/" + j, lot.number());
        }
      }
      for (int j = 0; j < step.outputs().size(); j++) {
        LotId lot = step.outputs().get(j);
        if (!lots.contains(lot)) {
          found(Kind.NO_SUCH_LOT, where + "/outputs/" + j, lot.number());
        } else if (!made.add(lot)) {
          found(Kind.LOT_MADE_TWICE, where + "/outputs/" + j, lot.number());
        } else if (step.isLive()) {
          madeLive.add(lot);
        }
      }
      readings(step.readings(), where, Measure.On.STEP);
    }
    for (int i = 0; i < batch.lots().size(); i++) {
      if (!made.contains(batch.lots().get(i).id())) {
        found(Kind.LOT_NEVER_MADE, "/lots/" + i + "/id", batch.lots().get(i).id().number());
      }
    }
  }

  private void readings(List<Reading> readings, String owner, Measure.On place) {
    for (int i = 0; i < readings.size(); i++) {
      Reading reading = readings.get(i);
      String where = owner + "/readings/" + i;
      if (!readingIds.add(reading.id())) {
        found(Kind.NUMBER_TWICE, where + "/id", reading.id().number());
      }
      if (reading.measure().goesOn() != place) {
        found(
            Kind.MEASURE_NOT_FOR_THIS,
            where + "/measure",
            reading.measure().getClass().getSimpleName());
      }
      if (reading.struck().filter(struck -> struck.reason().isBlank()).isPresent()) {
        found(Kind.REASON_MISSING, where + "/struck/reason", "");
      }
      if (reading.doubted().filter(doubted -> doubted.reason().isBlank()).isPresent()) {
        found(Kind.REASON_MISSING, where + "/doubted/reason", "");
      }
    }
  }

  private void found(Kind kind, String where, Object value) {
    findings.add(new NetworkFinding(kind, where, String.valueOf(value)));
  }
}
