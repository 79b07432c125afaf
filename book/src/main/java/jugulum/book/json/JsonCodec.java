package jugulum.book.json;

import java.time.DateTimeException;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jugulum.book.stream.BookProblem.NotUnderstood;
import jugulum.book.stream.Codec;
import jugulum.core.check.Check;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectWriter;

/**
 * Something as JSON text on one line. Every form it was ever written in is read: a text of an older
 * form goes through the upgraders from that form on, each of which makes one form the next, before
 * the model sees it; and the model's own ranges are not asked.
 *
 * @param <T> what
 */
public final class JsonCodec<T> implements Codec<T> {
  private final Class<T> type;
  private final List<UnaryOperator<JsonNode>> upgraders;
  private final ObjectWriter writer;

  /**
   * A codec.
   *
   * @param type what is written
   * @param upgraders the first makes form 1 into form 2, and so on; today's form is what the last
   *     makes
   */
  public JsonCodec(Class<T> type, List<UnaryOperator<JsonNode>> upgraders) {
    this.type = type;
    this.upgraders = List.copyOf(upgraders);
    this.writer = Mappers.COMPACT.writerFor(type);
  }

  @Override
  public int form() {
    return upgraders.size() + 1;
  }

  @Override
  public String write(T value) {
    return writer.writeValueAsString(value);
  }

  @Override
  public T read(int form, String text) {
    if (form < 1 || form > form()) {
      throw new NotUnderstood(
          "form " + form + " of " + type.getSimpleName() + ", known up to " + form(), null);
    }
    try {
      return Optional.ofNullable(
              Check.asRecorded(
                  () ->
                      form == form()
                          ? Mappers.TOLERANT.readValue(text, type)
                          : upgraded(form, text)))
          .orElseThrow(
              () ->
                  new NotUnderstood("nothing where " + type.getSimpleName() + " should be", null));
    } catch (JacksonException problem) {
      throw new NotUnderstood(Plain.reason(problem), problem);
    } catch (DateTimeException | IllegalArgumentException problem) {
      throw new NotUnderstood(String.valueOf(problem.getMessage()), problem);
    }
  }

  private T upgraded(int form, String text) {
    JsonNode tree = Mappers.TOLERANT.readTree(text);
    for (UnaryOperator<JsonNode> upgrader : upgraders.subList(form - 1, upgraders.size())) {
      tree = upgrader.apply(tree);
    }
    return Mappers.TOLERANT.treeToValue(tree, type);
  }
}
