package jugulum.desk.work;

import java.nio.file.Path;
import java.util.Optional;

/**
 * Something could not be done, for a reason that lies in nobody's typing.
 *
 * @param cause what was thrown
 * @param writtenDown where it stands in full; empty for what can go wrong without a fault of the
 *     program, and where it could not be written
 */
public record Failure(Throwable cause, Optional<Path> writtenDown) {}
