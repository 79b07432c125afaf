package jugulum.desk.words;

import jugulum.book.store.Served;
import jugulum.book.together.Exchange;

/** How it stands between a bench and others, in words. */
public final class SharingText {
  private SharingText() {}

  /** A sentence. */
  public static String state(Words words, Exchange.Status now) {
    String reached =
        now.equals(Exchange.Status.UNKNOWN)
            ? words.of("together.unknown")
            : words.of(now.isConnected() ? "together.connected" : "together.away");
    return now.waiting() == 0
        ? reached
        : reached + " " + words.counted("together.waiting", now.waiting());
  }

  /** As few words as will do, with a sign that tells without colour. */
  public static String brief(Words words, Exchange.Status now) {
    if (now.aside() > 0) {
      return "! " + words.counted("together.brief.aside", now.aside());
    }
    if (now.waiting() > 0 && !now.isConnected()) {
      return "○ " + words.counted("together.brief.waiting", now.waiting());
    }
    if (!now.isConnected()) {
      return "○ " + words.of("together.brief.away");
    }
    return "⇄ " + words.counted("together.brief.here", Math.max(1, now.here().size()));
  }

  /** A bench that is there, and what it is at. */
  public static String bench(Words words, Served.Here one) {
    String name = one.name().isEmpty() ? words.of("together.bench.unnamed") : one.name();
    return one.at().isEmpty() ? name : words.of("together.bench.at", name, one.at());
  }
}
