package jugulum.desk.preference;

import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.beans.property.ReadOnlyIntegerWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.book.stream.Bench;
import jugulum.core.units.MassUnit;
import jugulum.desk.words.Figures;
import jugulum.desk.words.Languages;
import jugulum.desk.words.Words;
import jugulum.desk.work.Work;

/**
 * How the person at this bench likes to see things, and what the bench is called: of the bench,
 * whatever book is open.
 */
public final class Preferences {
  private static final String UNIT = "unit";
  private static final String THEME = "theme";
  private static final String TONES = "tones";
  private static final String SIZE = "size";
  private static final int USUAL_SIZE = 100;
  private static final int SMALLEST = 80;
  private static final int LARGEST = 200;
  private static final int SIZE_STEP = 10;
  private static final String PEDAL = "pedal";
  private static final String BENCH = "bench";
  private static final String BENCH_ID = "bench.id";
  private static final String LANGUAGE = "language";

  private final Work work;
  private final BenchMemory memory;
  private final Languages languages;
  private final ReadOnlyObjectWrapper<Figures> figures;
  private final ReadOnlyObjectWrapper<ThemeName> theme =
      new ReadOnlyObjectWrapper<>(ThemeName.BLACK_SAND);

  private final ReadOnlyIntegerWrapper size = new ReadOnlyIntegerWrapper(USUAL_SIZE);
  private final ReadOnlyBooleanWrapper tones = new ReadOnlyBooleanWrapper(true);
  private Optional<String> pedal;

  /** The looks there are. */
  public enum ThemeName {
    BLACK_SAND,
    QUARTZ,
    GLARE
  }

  public Preferences(Work work, BenchMemory memory, ZoneId zone, Languages languages) {
    this.work = work;
    this.memory = memory;
    this.languages = languages;
    this.pedal = memory.get(PEDAL);
    memory.get(TONES).ifPresent(text -> tones.set(Boolean.parseBoolean(text)));
    memory
        .get(SIZE)
        .filter(text -> text.matches("\\d{2,3}"))
        .ifPresent(text -> size.set(Math.clamp(Integer.parseInt(text), SMALLEST, LARGEST)));
    this.figures =
        new ReadOnlyObjectWrapper<>(
            new Figures(MassUnit.GRAM, zone, languages.words(memory.get(LANGUAGE))));
  }

  /** What the bench is called; empty until somebody says. */
  private static String benchName(BenchMemory memory) {
    return memory.get(BENCH).orElse("");
  }

  /**
   * The bench that writes: by an identity it keeps for ever, given at its first start, and the name
   * it has now.
   *
   * @param ids new identities, each once in the world
   */
  public static Supplier<Bench> bench(BenchMemory memory, Supplier<UUID> ids) {
    String id =
        memory
            .get(BENCH_ID)
            .orElseGet(
                () -> {
                  String given = ids.get().toString();
                  memory.put(BENCH_ID, given);
                  return given;
                });
    return () -> new Bench(id, benchName(memory));
  }

  /** How quantities are written. */
  public ReadOnlyObjectProperty<Figures> figures() {
    return figures.getReadOnlyProperty();
  }

  /** The look. */
  public ReadOnlyObjectProperty<ThemeName> theme() {
    return theme.getReadOnlyProperty();
  }

  /** Writes gold in the next unit. */
  public void nextUnit() {
    figures.set(figures.get().next());
    remember(UNIT, figures.get().unit().name());
  }

  /** Whether there is more than one language to choose from. */
  public boolean hasLanguages() {
    return languages.isChoice();
  }

  /** Speaks the next language. */
  public void nextLanguage() {
    Words next = languages.next(figures.get().words());
    figures.set(figures.get().in(next));
    remember(LANGUAGE, next.language().tag());
  }

  /** Takes a look. */
  public void look(ThemeName name) {
    theme.set(name);
    remember(THEME, name.name());
  }

  /** Changes the look. */
  public void nextTheme() {
    ThemeName[] all = ThemeName.values();
    look(all[(theme.get().ordinal() + 1) % all.length]);
  }

  /** How large everything is, in percent of the usual. */
  public ReadOnlyIntegerProperty size() {
    return size.getReadOnlyProperty();
  }

  /** Makes everything a step larger, or smaller. */
  public void resize(boolean larger) {
    int next = size.get() + (larger ? SIZE_STEP : -SIZE_STEP);
    size.set(Math.clamp(next, SMALLEST, LARGEST));
    remember(SIZE, Integer.toString(size.get()));
  }

  /** Whether what is due is heard as well as seen. */
  public ReadOnlyBooleanProperty tones() {
    return tones.getReadOnlyProperty();
  }

  /** What is due is heard, or only seen. */
  public void sound(boolean on) {
    tones.set(on);
    remember(TONES, Boolean.toString(on));
  }

  /** The key a foot switch sends, by its name; empty while there is none. */
  public Optional<String> pedal() {
    return pedal;
  }

  /** From now on a foot switch sends that key. */
  public void pedal(String key) {
    pedal = Optional.of(key);
    remember(PEDAL, key);
  }

  /** How large labels are printed, by the name of their size; empty before one was chosen. */
  public Optional<String> labels() {
    return remembered("labels");
  }

  /** From now on labels are of that size. */
  public void labels(String size) {
    remember("labels", size);
  }

  /** What the bench is called. */
  public String benchName() {
    return benchName(memory);
  }

  /** Calls the bench something from now on; every edit is signed with it. */
  public void callBench(String name) {
    remember(BENCH, name.strip());
  }

  /**
   * Takes over what was remembered. On the interface thread.
   *
   * @param unit as the bench or an older book tells it
   * @param look as the bench or an older book tells it
   */
  public void begin(Optional<String> unit, Optional<String> look) {
    named(MassUnit.values(), unit).ifPresent(one -> figures.set(figures.get().in(one)));
    named(ThemeName.values(), look).ifPresent(theme::set);
  }

  private static <T extends Enum<T>> Optional<T> named(T[] all, Optional<String> name) {
    return name.flatMap(
        one -> Stream.of(all).filter(constant -> constant.name().equals(one)).findFirst());
  }

  public Optional<String> rememberedUnit() {
    return memory.get(UNIT);
  }

  public Optional<String> rememberedTheme() {
    return memory.get(THEME);
  }

  public Optional<String> remembered(String name) {
    return memory.get(name);
  }

  /** Remembers something: known at once, written behind what the book has to do. */
  public void remember(String name, String value) {
    memory.note(name, value);
    work.run(
        () -> {
          memory.put(name, value);
          return value;
        },
        _ -> {});
  }
}
