package jugulum.desk.lot;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.Lot;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Material;
import jugulum.core.ledger.Process;
import jugulum.desk.entry.EntryField;
import jugulum.desk.entry.Parsers;
import jugulum.desk.kit.Parts;
import jugulum.desk.panel.Desk;
import jugulum.desk.panel.StepForm;
import jugulum.desk.words.Prologue;
import jugulum.desk.words.Sentences;
import jugulum.desk.words.Words;

/** Parts a lot into several containers. */
final class PartForm extends StepForm {
  private static final int MOST = 12;

  @Prologue private final Words words;
  private final EntryField<Double> parts =
      new EntryField<>(
          words,
          "parts",
          words.of("part.parts"),
          "2",
          typed -> Parsers.number(words, typed, 2, MOST));

  PartForm(LotId lot, Desk desk) {
    this.words = desk.words();
    super(desk.words().of("part.title"), lot, desk);
    parts.fill("2");
    parts.field().setOnAction(_ -> start());
    getChildren().addAll(Parts.sentence(words.of("part.about"), "muted"), parts);
    addButtons(words.of("part.start"));
  }

  @Override
  protected Optional<Edit.TakeStep> step(Lot taken) {
    return parts
        .read()
        .map(
            count -> {
              List<Edit.NewLot> outputs =
                  IntStream.rangeClosed(1, count.intValue())
                      .mapToObj(
                          i ->
                              new Edit.NewLot(
                                  Material.PART,
                                  taken.cut(),
                                  words.of(
                                      "part.name",
                                      Sentences.lot(words, taken),
                                      Integer.toString(i))))
                      .toList();
              return take(new Process.Splitting(), List.of(lot), outputs);
            });
  }

  @Override
  public void focusFirst() {
    parts.field().requestFocus();
  }
}
