package jugulum.book.store;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import jugulum.book.json.Json;
import jugulum.book.store.BatchSummary.State;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.BatchId;
import jugulum.core.ledger.Label;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Network;
import jugulum.core.mass.SandAccount;
import org.jdbi.v3.core.Handle;
import tools.jackson.core.JacksonException;

/** What each batch's journal comes to, kept so that a list or a batch opens without folding journals. */
final class Snapshots {
  private static final String LINE = "SELECT stream, name, source, received, state, feed_g, won_g FROM snapshot";

  private final Handle handle;

  Snapshots(Handle handle) {
    this.handle = handle;
  }

  /** All batches, newest first, those taken back last. */
  List<BatchSummary> list() {
    return handle
        .createQuery(LINE + " ORDER BY state = 'TAKEN_BACK', received DESC, name")
        .map((row, _) -> summary(row))
        .list();
  }

  /** Whether a batch of the journal has no snapshot. */
  boolean someMissing() {
    return handle
        .createQuery("SELECT EXISTS (SELECT 1 FROM journal WHERE stream <> 'shop' AND stream NOT IN (SELECT stream FROM snapshot))")
        .mapTo(Boolean.class)
        .one();
  }

  /** One batch. */
  Optional<BatchSummary> one(BatchId id) {
    return handle.createQuery(LINE + " WHERE stream = ?").bind(0, id.value().toString()).map((row, _) -> summary(row)).findOne();
  }

  private static BatchSummary summary(ResultSet row) throws SQLException {
    return new BatchSummary(
        new BatchId(UUID.fromString(row.getString("stream"))),
        row.getString("name"),
        row.getString("source"),
        LocalDate.parse(row.getString("received")),
        State.valueOf(row.getString("state")),
        optional(row, "feed_g"),
        optional(row, "won_g"));
  }

  private static OptionalDouble optional(ResultSet row, String column) throws SQLException {
    double value = row.getDouble(column);
    return row.wasNull() ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** The state kept for a batch, if it is whole and not behind the journal. */
  Optional<BatchState> state(BatchId id, long journalEnd) {
    return handle
        .createQuery("SELECT seq, done, undone, body, crc FROM snapshot WHERE stream = ?")
        .bind(0, id.value().toString())
        .map((row, _) -> state(id, row, journalEnd))
        .findOne()
        .flatMap(found -> found);
  }

  private static Optional<BatchState> state(BatchId id, ResultSet row, long journalEnd) throws SQLException {
    String body = row.getString("body");
    boolean whole = row.getLong("seq") == journalEnd && row.getLong("crc") == Journal.crc(body == null ? "" : body);
    if (!whole) {
      return Optional.empty();
    }
    try {
      Optional<Batch> batch = Optional.ofNullable(body).map(Json::batch);
      return Optional.of(new BatchState(id, batch, row.getInt("done"), row.getInt("undone")));
    } catch (JacksonException unreadable) {
      return Optional.empty();
    }
  }

  /** Keeps a state; a batch taken back keeps the label it had. */
  void keep(BatchState state, long seq, Label label) {
    Optional<Network> network = state.batch().map(Network::of);
    String body = state.batch().map(Json::write).orElse(null);
    handle
        .createUpdate(
            """
            INSERT INTO snapshot (stream, seq, done, undone, name, source, received, state, feed_g, won_g, body, crc)
            VALUES (:stream, :seq, :done, :undone, :name, :source, :received, :state, :feed, :won, :body, :crc)
            ON CONFLICT (stream) DO UPDATE SET seq = :seq, done = :done, undone = :undone, name = :name, source = :source,
              received = :received, state = :state, feed_g = :feed, won_g = :won, body = :body, crc = :crc
            """)
        .bind("stream", state.id().value().toString())
        .bind("seq", seq)
        .bind("done", state.undoable())
        .bind("undone", state.redoable())
        .bind("name", label.name())
        .bind("source", label.source())
        .bind("received", label.received().toString())
        .bind("state", progress(state.batch()).name())
        .bind("feed", network.flatMap(Snapshots::feedG).orElse(null))
        .bind("won", network.flatMap(Snapshots::wonG).orElse(null))
        .bind("body", body)
        .bind("crc", Journal.crc(body == null ? "" : body))
        .execute();
  }

  private static State progress(Optional<Batch> batch) {
    if (batch.isEmpty()) {
      return State.TAKEN_BACK;
    }
    if (batch.get().closed()) {
      return State.CLOSED;
    }
    return Network.of(batch.get()).steps().size() > 1 ? State.UNDER_WAY : State.RECEIVED;
  }

  private static Optional<Double> feedG(Network network) {
    double feed = SandAccount.of(network).feedG();
    return feed > 0 ? Optional.of(feed) : Optional.empty();
  }

  private static Optional<Double> wonG(Network network) {
    SandAccount sand = SandAccount.of(network);
    return network
        .endLots()
        .filter(lot -> lot.material() == Material.GOLD && sand.mass(lot.id()).isMeasured())
        .map(lot -> sand.mass(lot.id()).grams())
        .reduce(Double::sum);
  }
}
