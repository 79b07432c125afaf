package jugulum.book.json;

import java.time.DateTimeException;
import jugulum.core.check.OutOfRange;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.StreamReadException;
import tools.jackson.databind.exc.InvalidFormatException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;

/** What a reader of JSON found wrong, without the names of classes people do not know. */
final class Plain {
  private static final int LONGEST = 60;

  private Plain() {}

  /** Why a text could not be read. */
  static String reason(JacksonException problem) {
    for (Throwable cause = problem.getCause(); cause != null; cause = cause.getCause()) {
      if (cause instanceof OutOfRange
          || cause instanceof IllegalArgumentException && !isNamed(cause)) {
        return String.valueOf(cause.getMessage());
      }
    }
    return switch (problem) {
      case StreamReadException _ -> "from here on this is not JSON, or it breaks off";
      case UnrecognizedPropertyException unknown ->
          "nothing here is called " + quoted(unknown.getPropertyName());
      case InvalidTypeIdException unknown ->
          "there is no kind called " + quoted(unknown.getTypeId());
      case InvalidFormatException unread ->
          quoted(unread.getValue())
              + (isDate(unread) ? " is no date or time" : " is not what belongs here");
      default -> "something else belongs here" + named(problem);
    };
  }

  private static boolean isNamed(Throwable cause) {
    String message = String.valueOf(cause.getMessage());
    return message.contains("java.") || message.contains("jugulum.") || message.contains("enum");
  }

  private static boolean isDate(Throwable problem) {
    for (Throwable cause = problem; cause != null; cause = cause.getCause()) {
      if (cause instanceof DateTimeException) {
        return true;
      }
    }
    return false;
  }

  private static String named(JacksonException problem) {
    return problem.getPath().isEmpty()
        ? ""
        : ": " + quoted(problem.getPath().getLast().getPropertyName());
  }

  private static String quoted(Object value) {
    String text = String.valueOf(value);
    return "“" + (text.length() > LONGEST ? text.substring(0, LONGEST) + "…" : text) + "”";
  }
}
