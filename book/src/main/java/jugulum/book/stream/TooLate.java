package jugulum.book.stream;

import jugulum.core.stream.Refusal;

/**
 * What could not be taken into the book others wrote in meanwhile, and why. It is never dropped: a
 * person does it again, or lets it go.
 *
 * @param what it, as it was done
 * @param refusal why
 * @param mayBeAgain whether doing it again means the same things: not where it names what was never
 *     made, or by other numbers
 * @param isTakenBack whether whoever did it took it back before it was tried
 */
public record TooLate(Waiting what, Refusal refusal, boolean mayBeAgain, boolean isTakenBack) {}
