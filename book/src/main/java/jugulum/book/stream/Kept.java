package jugulum.book.stream;

import java.util.Optional;

/**
 * What a stream came to at some version, so that it opens without folding its whole journal.
 *
 * @param version that version
 * @param undoable how many edits could be taken back
 * @param redoable how many could be brought back
 * @param rule the number of the rule that made it, see {@link StreamKind#rule}; one by another rule
 *     is not believed
 * @param form the form the body is written in, see {@link Codec}
 * @param body what its edits made; empty where its first was taken back
 */
public record Kept(
    long version, int undoable, int redoable, int rule, int form, Optional<String> body) {}
