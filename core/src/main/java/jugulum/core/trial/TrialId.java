package jugulum.core.trial;

import java.util.UUID;

/** The identity of a trial, the same in every book it is read into. */
public record TrialId(UUID value) {}
