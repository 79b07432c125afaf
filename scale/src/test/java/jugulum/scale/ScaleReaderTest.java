package jugulum.scale;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assumptions.assumeThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Predicate;
import jugulum.core.scale.Dialect;
import jugulum.core.scale.Heard;
import jugulum.core.scale.Learning;
import jugulum.core.scale.ScaleLine;
import jugulum.core.scale.ScaleRules;
import jugulum.core.scale.ScaleView;
import jugulum.core.scale.ScaleWatch;
import jugulum.core.scale.Sends;
import jugulum.scale.played.PlayedLine;
import jugulum.scale.played.PlayedPort;
import jugulum.scale.played.PlayedScale;
import jugulum.scale.played.Writing;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** A scale is listened to over a real network port and a real serial line. */
class ScaleReaderTest {
  private static final int PATIENCE_SECONDS = 30;
  private static final ScaleRules RULES = new ScaleRules(0.1, 5000, Sends.ALWAYS, List.of());

  private final BlockingQueue<FromScale> heard = new LinkedBlockingQueue<>();
  private final PlayedScale scale =
      new PlayedScale(0.1, 5000, System::nanoTime, new Random(7)).start();
  private final List<AutoCloseable> open = new ArrayList<>(List.of(scale));

  @AfterEach
  void closeAll() throws Exception {
    for (AutoCloseable one : open.reversed()) {
      one.close();
    }
  }

  private <T extends AutoCloseable> T closing(T one) {
    open.add(one);
    return one;
  }

  private ScaleReader listen(ScaleLine line) {
    return closing(ScaleReader.of(line, Sends.ALWAYS, System::nanoTime, heard::add));
  }

  private ScaleLine network() throws IOException {
    PlayedPort port = closing(new PlayedPort(scale, 0));
    return new ScaleLine.Network("localhost", port.number(), Optional.empty());
  }

  /** Waits for a thing as long as a person would. */
  private FromScale next(Predicate<FromScale> so) throws InterruptedException {
    while (true) {
      FromScale one = heard.poll(PATIENCE_SECONDS, TimeUnit.SECONDS);
      assertThat(one).as("what came from the scale").isNotNull();
      if (so.test(one)) {
        return one;
      }
    }
  }

  private String nextLine() throws InterruptedException {
    return ((FromScale.Line) next(FromScale.Line.class::isInstance)).text();
  }

  /** So often something of before may stand still, where the machine has no time. */
  private static final int MOST_BEFORE = 20;

  private Dialect learn() throws InterruptedException {
    List<String> lines = new ArrayList<>();
    scale.put(250);
    for (int i = 0; i < 12; i++) {
      lines.add(nextLine());
    }
    scale.pour(1250, 1000);
    for (int i = 0; i < 25; i++) {
      lines.add(nextLine());
    }
    return Learning.from(lines).orElseThrow().dialect();
  }

  /** What stands on the scale once it stands. */
  private ScaleView untilReady(Dialect dialect) throws InterruptedException {
    ScaleWatch watch = ScaleWatch.of(RULES);
    while (true) {
      FromScale.Line line = (FromScale.Line) next(FromScale.Line.class::isInstance);
      Instant at = Instant.EPOCH.plusNanos(line.nanos());
      watch = watch.hear(at, dialect.hear(line.text()));
      if (watch.at(at).ready()) {
        return watch.at(at);
      }
    }
  }

  /** What stands on the scale was put there; lines of before may still be on their way. */
  private void standsAt(double grams, Dialect dialect) throws InterruptedException {
    double stands = untilReady(dialect).grams();
    for (int i = 0; i < MOST_BEFORE && Math.abs(stands - grams) > 0.1001; i++) {
      stands = untilReady(dialect).grams();
    }
    assertThat(stands).isCloseTo(grams, within(0.1001));
  }

  @ParameterizedTest
  @EnumSource(Writing.class)
  void everyWayOfWritingIsLearntOverTheNetwork(Writing writing) throws Exception {
    scale.write(writing);
    listen(network());
    Dialect dialect = learn();
    scale.put(3428.3);
    standsAt(3428.3, dialect);
  }

  @Test
  void aSerialLineIsReadTheSameWay() throws Exception {
    Optional<PlayedLine> line = serial();
    assumeThat(line).as("this machine has pseudo-terminals").isPresent();
    listen(new ScaleLine.Serial(line.orElseThrow().name(), 9600, Optional.empty()));
    next(FromScale.Opened.class::isInstance);
    Dialect dialect = learn();
    scale.put(812.4);
    standsAt(812.4, dialect);
  }

  private Optional<PlayedLine> serial() {
    try {
      return Optional.of(closing(new PlayedLine(scale)));
    } catch (IOException none) {
      return Optional.empty();
    }
  }

  @Test
  void aPulledCableIsToldAndComesBackByItself() throws Exception {
    PlayedPort port = new PlayedPort(scale, 0);
    listen(new ScaleLine.Network("localhost", port.number(), Optional.empty()));
    nextLine();
    port.close();
    next(FromScale.Lost.class::isInstance);
    closing(new PlayedPort(scale, port.number()));
    next(FromScale.Opened.class::isInstance);
    assertThat(nextLine()).isNotEmpty();
  }

  @Test
  void aPortThatIsNotThereIsTold() throws Exception {
    listen(new ScaleLine.Serial("/dev/no-such-line", 9600, Optional.empty()));
    next(FromScale.Lost.class::isInstance);
  }

  @Test
  void garbageAndHalfLinesMakeNoWeight() throws Exception {
    scale.write(Writing.PLAIN);
    listen(network());
    Dialect dialect = learn();
    scale.put(3428.3);
    untilReady(dialect);
    for (PlayedScale.Fault fault :
        List.of(PlayedScale.Fault.GARBAGE, PlayedScale.Fault.HALF_LINES)) {
      scale.fault(fault);
      heard.clear();
      for (int i = 0; i < 20; i++) {
        if (dialect.hear(nextLine()) instanceof Heard.Weight weight) {
          assertThat(weight.grams()).as("under " + fault).isCloseTo(3428.3, within(0.1001));
        }
      }
    }
    scale.fault(PlayedScale.Fault.NONE);
    scale.put(9000);
    assertThat(overload(dialect)).isInstanceOf(Heard.NoWeight.class);
  }

  private Heard overload(Dialect dialect) throws InterruptedException {
    while (true) {
      Heard one = dialect.hear(nextLine());
      if (!(one instanceof Heard.Weight)) {
        return one;
      }
    }
  }

  /** A scale that only answers: it is asked five times a second. */
  @Test
  void aScaleThatWaitsToBeAskedIsAsked() throws Exception {
    try (ServerSocket server = new ServerSocket(0)) {
      closing(
          ScaleReader.of(
              new ScaleLine.Network("localhost", server.getLocalPort(), Optional.of("P")),
              Sends.WHEN_ASKED,
              System::nanoTime,
              heard::add));
      try (Socket guest = server.accept()) {
        InputStream in = guest.getInputStream();
        assertThat(new String(in.readNBytes(3), StandardCharsets.US_ASCII)).isEqualTo("P\r\n");
        guest.getOutputStream().write("12.5 g\r\n".getBytes(StandardCharsets.US_ASCII));
        assertThat(nextLine()).as("its first line is whole").isEqualTo("12.5 g");
      }
    }
  }

  @Test
  void linesAreMadeOfSignsHoweverTheyAreCutUp() {
    Lines lines = new Lines(false);
    List<String> whole = new ArrayList<>();
    for (byte sign : "5.0 g\r\n\u00021.5 g\u0003\r\n 2.5 g\n".getBytes(StandardCharsets.US_ASCII)) {
      whole.addAll(lines.add(new byte[] {sign}, 1));
    }
    assertThat(whole).as("the first began before").containsExactly("1.5 g", " 2.5 g");
  }
}
