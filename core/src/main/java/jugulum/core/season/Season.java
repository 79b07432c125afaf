package jugulum.core.season;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Predicate;
import jugulum.core.ledger.BatchId;
import jugulum.core.trip.Trip;

/**
 * What a person tells beside the batches themselves.
 *
 * @param sources what is known of sources, each name once
 * @param joined names that mean another source: the one written, the one meant
 * @param gravel the gravel behind the concentrate of batches, each batch once
 * @param slips of refiners and buyers, by their day
 * @param changes what was done otherwise, by its day
 * @param outdoors trips, by their day; empty where there was none, and in older books
 */
public record Season(
    List<Source> sources,
    Map<String, String> joined,
    List<Gravel> gravel,
    List<Slip> slips,
    List<Change> changes,
    Optional<List<Trip>> outdoors) {
  /** Nothing was told. */
  public static final Season NOTHING =
      new Season(List.of(), Map.of(), List.of(), List.of(), List.of(), Optional.empty());

  /** Keeps its own copies, in order. */
  public Season {
    sources = sources.stream().sorted(Comparator.comparing(Source::name)).toList();
    joined = Map.copyOf(joined);
    gravel = List.copyOf(gravel);
    slips = slips.stream().sorted(Comparator.comparing(Slip::date)).toList();
    changes = changes.stream().sorted(Comparator.comparing(Change::date)).toList();
    outdoors =
        outdoors
            .filter(all -> !all.isEmpty())
            .map(all -> all.stream().sorted(Comparator.comparing(Trip::date)).toList());
  }

  /** The source a name on a bucket means. */
  public String meant(String written) {
    return joined.getOrDefault(written, written);
  }

  /** What is known of a source; its name alone where nothing was told. */
  public Source source(String name) {
    return sources.stream()
        .filter(one -> one.name().equals(name))
        .findFirst()
        .orElseGet(() -> Source.named(name));
  }

  /** The gravel behind a batch. */
  public Optional<Gravel> gravel(BatchId batch) {
    return gravel.stream().filter(one -> one.batch().equals(batch)).findFirst();
  }

  /** The slip of a name. */
  public Optional<Slip> slip(String id) {
    return slips.stream().filter(one -> one.id().equals(id)).findFirst();
  }

  /** The change of a name. */
  public Optional<Change> change(String id) {
    return changes.stream().filter(one -> one.id().equals(id)).findFirst();
  }

  /** Days outdoors, by their day. */
  public List<Trip> trips() {
    return outdoors.orElse(List.of());
  }

  /** The trip of a name. */
  public Optional<Trip> trip(String id) {
    return trips().stream().filter(one -> one.id().equals(id)).findFirst();
  }

  /**
   * Two names that are likely meant to be one.
   *
   * @param from the one to be read as the other
   * @param into the one to keep: the one met more often, else the first
   */
  public record Alike(String from, String into) {}

  /**
   * Names that differ only in capitals and blanks and are not joined yet.
   *
   * @param written the name of every batch's source, as often as it is met
   */
  public List<Alike> alike(List<String> written) {
    Map<String, Map<String, Integer>> byShape = new TreeMap<>();
    for (String name : written) {
      String meant = meant(name);
      if (!meant.isBlank()) {
        byShape.computeIfAbsent(shape(meant), _ -> new TreeMap<>()).merge(meant, 1, Integer::sum);
      }
    }
    List<Alike> pairs = new ArrayList<>();
    for (Map<String, Integer> names : byShape.values()) {
      String into =
          names.entrySet().stream()
              .max(Map.Entry.<String, Integer>comparingByValue())
              .orElseThrow()
              .getKey();
      names.keySet().stream()
          .filter(name -> !name.equals(into))
          .forEach(name -> pairs.add(new Alike(name, into)));
    }
    return pairs;
  }

  private static String shape(String name) {
    return name.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ").strip();
  }

  Season with(Source source) {
    return new Season(
        put(sources, one -> one.name().equals(source.name()), source),
        joined,
        gravel,
        slips,
        changes,
        outdoors);
  }

  Season with(Gravel told) {
    return new Season(
        sources,
        joined,
        put(gravel, one -> one.batch().equals(told.batch()), told),
        slips,
        changes,
        outdoors);
  }

  Season withSlips(List<Slip> other) {
    return new Season(sources, joined, gravel, other, changes, outdoors);
  }

  Season withChanges(List<Change> other) {
    return new Season(sources, joined, gravel, slips, other, outdoors);
  }

  Season withTrips(List<Trip> other) {
    return new Season(sources, joined, gravel, slips, changes, Optional.of(other));
  }

  /** What meant the one before means the other now. */
  Season joining(String from, String into) {
    Map<String, String> names = new TreeMap<>(joined);
    names.replaceAll((_, meant) -> meant.equals(from) ? into : meant);
    names.put(from, into);
    return new Season(sources, names, gravel, slips, changes, outdoors);
  }

  Season parting(String from) {
    Map<String, String> names = new TreeMap<>(joined);
    names.remove(from);
    return new Season(sources, names, gravel, slips, changes, outdoors);
  }

  private static <T> List<T> put(List<T> all, Predicate<T> replaced, T one) {
    List<T> changed = new ArrayList<>(all);
    changed.removeIf(replaced);
    changed.add(one);
    return changed;
  }
}
