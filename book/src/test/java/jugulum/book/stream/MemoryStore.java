package jugulum.book.stream;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.Supplier;

/**
 * A database of another make, that several benches may write at a time: a server's, but in memory.
 */
public final class MemoryStore implements Store {
  /** What all who are connected see. */
  public static final class Server {
    private State state = new State();

    /** Somebody else does something just before the next transaction ends. */
    private Optional<Runnable> meanwhile = Optional.empty();

    public Store connect() {
      return new MemoryStore(this);
    }

    void beforeTheNextCommit(Runnable what) {
      meanwhile = Optional.of(what);
    }
  }

  private static final class State {
    private final Map<Key, TreeMap<Long, Row>> rows = new LinkedHashMap<>();
    private final Map<Key, Kept> kept = new HashMap<>();
    private final Map<String, Integer> folds = new HashMap<>();
    private final Map<String, Map<Key, List<List<Object>>>> lines = new HashMap<>();
    private final Map<String, Map<Key, Long>> projected = new HashMap<>();
    private final Map<String, PictureCopy> pictures = new TreeMap<>();

    State copy() {
      State copy = new State();
      rows.forEach((key, of) -> copy.rows.put(key, new TreeMap<>(of)));
      copy.kept.putAll(kept);
      copy.folds.putAll(folds);
      copy.pictures.putAll(pictures);
      lines.forEach((name, of) -> copy.lines.put(name, new LinkedHashMap<>(of)));
      projected.forEach((name, of) -> copy.projected.put(name, new HashMap<>(of)));
      return copy;
    }
  }

  private final Server server;
  private Optional<State> mine = Optional.empty();
  private Optional<State> heard = Optional.empty();

  private MemoryStore(Server server) {
    this.server = server;
  }

  private State state() {
    return mine.orElse(server.state);
  }

  @Override
  public Path path() {
    return Path.of("memory");
  }

  @Override
  public Optional<ReadOnly> readOnly() {
    return Optional.empty();
  }

  @Override
  public Optional<Path> strange() {
    return Optional.empty();
  }

  @Override
  public Optional<Store> elsewhere() {
    return Optional.empty();
  }

  @Override
  public <T> T transaction(Supplier<T> work) {
    if (mine.isPresent()) {
      return work.get();
    }
    State before = server.state;
    mine = Optional.of(before.copy());
    try {
      T done = work.get();
      Optional<Runnable> other = server.meanwhile;
      server.meanwhile = Optional.empty();
      other.ifPresent(Runnable::run);
      if (server.state != before) {
        throw new VersionTaken(null);
      }
      State after = mine.get();
      // What one writes oneself is no other's.
      heard = heard.map(last -> last == before ? after : last);
      server.state = after;
      return done;
    } finally {
      mine = Optional.empty();
    }
  }

  @Override
  public <T> T still(Supplier<T> work) {
    return work.get();
  }

  @Override
  public List<Key> streams() {
    return List.copyOf(state().rows.keySet());
  }

  @Override
  public Optional<Key> lastWritten(String kind) {
    return streams().stream().filter(key -> key.kind().equals(kind)).reduce((_, later) -> later);
  }

  @Override
  public boolean othersWrote() {
    boolean isOther = heard.isPresent() && heard.get() != server.state;
    heard = Optional.of(server.state);
    return isOther;
  }

  @Override
  public Optional<Placed> newest(Key but) {
    return state().rows.entrySet().stream()
        .filter(of -> !of.getKey().equals(but))
        .flatMap(of -> of.getValue().values().stream().map(row -> new Placed(of.getKey(), row)))
        .max(Comparator.comparing(placed -> placed.row().at()));
  }

  @Override
  public long version(Key stream) {
    TreeMap<Long, Row> rows = state().rows.get(stream);
    return rows == null ? 0 : rows.lastKey();
  }

  @Override
  public long add(Key stream, Row row) {
    if (state().rows.computeIfAbsent(stream, _ -> new TreeMap<>()).putIfAbsent(row.version(), row)
        != null) {
      throw new VersionTaken(null);
    }
    return row.version();
  }

  @Override
  public void rows(Key stream, long after, Consumer<Row> each) {
    state().rows.getOrDefault(stream, new TreeMap<>()).tailMap(after, false).values().forEach(each);
  }

  @Override
  public List<Key> streamsOf(String action) {
    return state().rows.entrySet().stream()
        .filter(
            of ->
                of.getValue().values().stream()
                    .anyMatch(
                        row ->
                            row.act() == Row.Act.EDIT
                                && !action.isEmpty()
                                && row.from().action().equals(action)))
        .map(Map.Entry::getKey)
        .toList();
  }

  @Override
  public long length() {
    return state().rows.values().stream().mapToLong(Map::size).sum();
  }

  @Override
  public Optional<Kept> kept(Key stream) {
    return Optional.ofNullable(state().kept.get(stream));
  }

  @Override
  public void keep(Key stream, Kept kept) {
    state().kept.put(stream, kept);
  }

  @Override
  public void keep(PictureCopy copy) {
    state().pictures.putIfAbsent(copy.sha256(), copy);
  }

  @Override
  public Optional<PictureCopy> picture(String sha256) {
    return Optional.ofNullable(state().pictures.get(sha256));
  }

  @Override
  public List<String> pictures() {
    return List.copyOf(state().pictures.keySet());
  }

  @Override
  public long pictureBytes() {
    return state().pictures.values().stream().mapToLong(copy -> copy.jpeg().length).sum();
  }

  @Override
  public OptionalInt fold(String table) {
    return state().folds.containsKey(table)
        ? OptionalInt.of(state().folds.get(table))
        : OptionalInt.empty();
  }

  @Override
  public void shape(LineTable table, int fold) {
    state().folds.put(table.name(), fold);
    state().lines.put(table.name(), new LinkedHashMap<>());
    state().projected.put(table.name(), new HashMap<>());
  }

  @Override
  public void replace(LineTable table, Key stream, long version, List<List<Object>> lines) {
    state().lines.get(table.name()).put(stream, lines);
    state().projected.get(table.name()).put(stream, version);
  }

  @Override
  public List<Cells> lines(LineTable table) {
    List<Cells> all = new ArrayList<>();
    state()
        .lines
        .get(table.name())
        .forEach((key, lines) -> lines.forEach(line -> all.add(new Cells(key.id(), line))));
    return all;
  }

  @Override
  public List<Cells> lines(LineTable table, Key stream) {
    return state().lines.get(table.name()).getOrDefault(stream, List.of()).stream()
        .map(line -> new Cells(stream.id(), line))
        .toList();
  }

  @Override
  public List<Cells> find(LineTable table, Search search) {
    throw new UnsupportedOperationException("nothing is searched in tests of this store");
  }

  @Override
  public List<String> words(LineTable table) {
    throw new UnsupportedOperationException("nothing is searched in tests of this store");
  }

  @Override
  public long projected(LineTable table, Key stream) {
    return state().projected.get(table.name()).getOrDefault(stream, 0L);
  }

  @Override
  public List<Key> behind(LineTable table, String kind) {
    return streams().stream()
        .filter(key -> key.kind().equals(kind))
        .filter(key -> projected(table, key) != version(key))
        .toList();
  }

  @Override
  public Optional<String> preference(String name) {
    return Optional.empty();
  }

  @Override
  public void check() {}

  @Override
  public void close() {}
}
