package jugulum.core.units;

import java.util.Optional;
import java.util.function.Function;

/**
 * What was typed, understood or not.
 *
 * @param <T> what it means
 */
public sealed interface Typed<T> {
  /** It was understood. */
  record Value<T>(T value) implements Typed<T> {}

  /** It was not, or cannot be. */
  record Wrong<T>(Slip slip) implements Typed<T> {}

  /** What is wrong with a text, with the values a sentence about it needs. */
  sealed interface Slip {
    /** Nothing was typed. */
    record Empty() implements Slip {}

    /** It is no mass, in a way {@link MassText} tells. */
    record NoMass(MassText.Why why, String part) implements Slip {}

    /** It is less than nothing. */
    record Negative() implements Slip {}

    /** It is no number. */
    record NoNumber(String typed) implements Slip {}

    /** It reads as two different numbers. */
    record WhichComma(String typed, String asDecimal, String asThousands) implements Slip {}

    /** It is not within the range. */
    record OutOfRange(String typed, double low, double high) implements Slip {}

    /** Only whole things are counted. */
    record NotWhole(String typed) implements Slip {}

    /** It is none of the words there are to choose from. */
    record NoChoice(String typed) implements Slip {}

    /** Nothing but a yes is asked for. */
    record OnlyYes(String typed) implements Slip {}

    /** It is a weight, and words are asked for. */
    record WeightForWords(String typed) implements Slip {}

    /** No container of that name is known. */
    record NoContainer(String typed) implements Slip {}
  }

  /** What is made of it, where it was understood. */
  default <R> Typed<R> map(Function<T, R> how) {
    return then(value -> new Value<>(how.apply(value)));
  }

  /** What comes of it, where it was understood. */
  default <R> Typed<R> then(Function<T, Typed<R>> how) {
    return switch (this) {
      case Value<T>(T value) -> how.apply(value);
      case Wrong<T>(Slip slip) -> new Wrong<>(slip);
    };
  }

  /** The meaning, if there is one. */
  default Optional<T> understood() {
    return this instanceof Value<T>(T value) ? Optional.of(value) : Optional.empty();
  }
}
