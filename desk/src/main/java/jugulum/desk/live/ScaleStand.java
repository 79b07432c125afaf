package jugulum.desk.live;

import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import jugulum.core.ledger.ReadOn;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.ScaleRules;
import jugulum.core.scale.ScaleView;
import jugulum.core.scale.ScaleWatch;
import jugulum.core.scale.Sends;
import jugulum.core.shop.Scale;
import jugulum.core.shop.Shop;
import jugulum.scale.FromScale;
import jugulum.scale.Lines;
import jugulum.scale.ScaleReader;
import jugulum.scale.played.PlayedScale;

/**
 * The scale beside the bench. It is listened to only while somebody looks; all it says is told on
 * the interface thread.
 */
public final class ScaleStand {
  /** So many lines wait for the interface thread at most; a scale sends ten a second. Ours. */
  private static final int MOST_WAITING = 200;

  private static final int LINES_KEPT = 60;

  /** To learn, all of a minute or two are needed: rest and movement. */
  private static final int LINES_TO_LEARN = 900;

  private static final long PLAYED_SEED = 20_261_126;

  private final ReadOnlyObjectProperty<Shop> shop;
  private final Executor interfaceThread;
  private final LongSupplier nanos;
  private final InstantSource time;
  private final ZoneId zone;
  private final ReadOnlyObjectWrapper<ScaleView> view =
      new ReadOnlyObjectWrapper<>(ScaleView.SILENT);
  private final ReadOnlyObjectWrapper<List<String>> lines = new ReadOnlyObjectWrapper<>(List.of());
  private final ReadOnlyObjectWrapper<Optional<String>> lost =
      new ReadOnlyObjectWrapper<>(Optional.empty());
  private final Set<Object> lookers = new HashSet<>();
  private Optional<Listening> listening = Optional.empty();
  private Optional<Scale> scale = Optional.empty();
  private Optional<ScaleWatch> watch = Optional.empty();
  private Optional<PlayedScale> played = Optional.empty();
  private Optional<ScaleLine> tried = Optional.empty();

  /** A line that is being listened to, until it is closed. */
  private record Listening(ScaleLine line, Sends sends, Runnable source) {}

  public ScaleStand(
      ReadOnlyObjectProperty<Shop> shop,
      Executor interfaceThread,
      LongSupplier nanos,
      InstantSource time,
      ZoneId zone) {
    this.shop = shop;
    this.interfaceThread = interfaceThread;
    this.nanos = nanos;
    this.time = time;
    this.zone = zone;
    shop.addListener((_, _, _) -> listen());
  }

  /** What there is to see of it. */
  public ReadOnlyObjectProperty<ScaleView> view() {
    return view.getReadOnlyProperty();
  }

  /** The lines it sent lately, the oldest first, as they came. */
  public ReadOnlyObjectProperty<List<String>> lines() {
    return lines.getReadOnlyProperty();
  }

  /** Why it cannot be heard; empty while it can. */
  public ReadOnlyObjectProperty<Optional<String>> lost() {
    return lost.getReadOnlyProperty();
  }

  /** The scale in use. */
  public Optional<Scale> scale() {
    return shop.get().scale();
  }

  /** Somebody looks at it from now on. */
  public void look(Object looker) {
    lookers.add(looker);
    listen();
  }

  /** Somebody does not look any more. */
  public void lookAway(Object looker) {
    lookers.remove(looker);
    listen();
  }

  /** Listens to a line that is not kept yet, to learn how its scale writes. */
  public void tryLine(Optional<ScaleLine> line) {
    tried = line;
    lines.set(List.of());
    listen();
  }

  /** Whether a line that is not kept yet is listened to. */
  public boolean isTrying() {
    return tried.isPresent();
  }

  /** The load on it was taken. */
  public void taken() {
    watch = watch.map(ScaleWatch::taken);
    show();
  }

  /** What seemed to be a container by its weight is the load. */
  public void withoutPan() {
    watch = watch.map(ScaleWatch::withoutPan);
    show();
  }

  /** What goes with a reading of it. */
  public Optional<ReadOn> readOn() {
    return scale()
        .map(
            one ->
                one.readOn(
                    time.instant(),
                    zone,
                    watch.map(ScaleWatch::zeroG).orElseGet(OptionalDouble::empty)));
  }

  /** How far its zero had moved when the last load was off, in grams. */
  public OptionalDouble zeroMovedG() {
    return watch.map(ScaleWatch::zeroMovedG).orElseGet(OptionalDouble::empty);
  }

  /** The scale that is only played; it is there as soon as anybody asks for it. */
  public PlayedScale played() {
    PlayedScale one =
        played.orElseGet(
            () ->
                new PlayedScale(
                        PlayedScale.STEP_G, PlayedScale.CAPACITY_G, nanos, new Random(PLAYED_SEED))
                    .start());
    played = Optional.of(one);
    return one;
  }

  private void listen() {
    Optional<Scale> now = scale();
    if (!now.equals(scale)) {
      boolean sameLine =
          now.map(Scale::line).equals(scale.map(Scale::line))
              && now.map(Scale::dialect).equals(scale.map(Scale::dialect));
      scale = now;
      watch = sameLine ? watch : Optional.empty();
    }
    watch =
        scale.map(
            one -> {
              ScaleRules rules = one.rules(shop.get().containers());
              return watch.map(before -> before.with(rules)).orElseGet(() -> ScaleWatch.of(rules));
            });
    Optional<ScaleLine> wanted =
        lookers.isEmpty() ? Optional.empty() : tried.or(() -> scale.map(Scale::line));
    Sends sends = tried.isPresent() ? Sends.ALWAYS : scale.map(Scale::sends).orElse(Sends.ALWAYS);
    boolean same =
        listening.map(Listening::line).equals(wanted)
            && listening.map(one -> one.sends() == sends).orElse(true);
    if (!same) {
      end();
      listening = wanted.map(line -> new Listening(line, sends, source(line, sends)));
    }
    show();
  }

  private Runnable source(ScaleLine line, Sends sends) {
    LineFrom from = new LineFrom();
    if (line instanceof ScaleLine.Played) {
      PlayedScale one = played();
      one.to(from);
      return () -> {
        from.ended = true;
        one.notTo(from);
      };
    }
    ScaleReader reader = ScaleReader.of(line, sends, nanos, from::hear);
    return () -> {
      from.ended = true;
      reader.close();
    };
  }

  /** Brings what a line says to the interface thread, until the line is left. */
  private final class LineFrom implements Consumer<byte[]> {
    private volatile boolean ended;
    private final Lines whole = new Lines(true);

    /** A scale that floods: what it said last is what lies on it. */
    private final Backlog<FromScale> waiting = new Backlog<>(MOST_WAITING);

    @Override
    public void accept(byte[] signs) {
      long at = nanos.getAsLong();
      whole.add(signs, signs.length).forEach(text -> hear(new FromScale.Line(at, text)));
    }

    /** One turn of the interface thread takes all that waits, however many lines that are. */
    void hear(FromScale said) {
      if (waiting.add(said)) {
        interfaceThread.execute(this::hearWaiting);
      }
    }

    private void hearWaiting() {
      List<FromScale> all = waiting.takeAll();
      if (!ended && !all.isEmpty()) {
        all.forEach(ScaleStand.this::heard);
        show();
      }
    }
  }

  private void heard(FromScale said) {
    switch (said) {
      case FromScale.Opened _ -> lost.set(Optional.empty());
      case FromScale.Lost(String why) -> {
        lost.set(Optional.of(why));
        watch = watch.map(ScaleWatch::lost);
      }
      case FromScale.Line(long at, String text) -> {
        lost.set(Optional.empty());
        keep(text);
        if (tried.isEmpty()) {
          watch =
              watch.map(
                  one ->
                      one.hear(
                          Instant.EPOCH.plusNanos(at), scale.orElseThrow().dialect().hear(text)));
        }
      }
      case FromScale.Still _ -> {}
    }
  }

  private void keep(String text) {
    List<String> now = new ArrayList<>(lines.get());
    now.add(text);
    int most = tried.isPresent() ? LINES_TO_LEARN : LINES_KEPT;
    lines.set(List.copyOf(now.subList(Math.max(0, now.size() - most), now.size())));
  }

  private void show() {
    view.set(
        listening.isEmpty()
            ? ScaleView.SILENT
            : watch
                .map(one -> one.at(Instant.EPOCH.plusNanos(nanos.getAsLong())))
                .orElse(ScaleView.SILENT));
  }

  private void end() {
    listening.ifPresent(one -> one.source().run());
    listening = Optional.empty();
    lost.set(Optional.empty());
  }

  /** Listens to nothing any more. */
  public void close() {
    lookers.clear();
    end();
    played.ifPresent(PlayedScale::close);
    played = Optional.empty();
  }
}
