package jugulum.book.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import jugulum.book.Samples;
import jugulum.book.batch.BatchStream;
import jugulum.book.file.FileFault;
import jugulum.book.json.BatchFile.Faulty;
import jugulum.book.json.BatchFile.Read;
import jugulum.book.shop.ShopStream;
import jugulum.book.stream.Codec;
import jugulum.core.ledger.Batch;
import jugulum.core.ledger.Edit;
import jugulum.core.ledger.LotId;
import jugulum.core.ledger.Measure;
import jugulum.core.ledger.Process;
import jugulum.core.ledger.StepId;
import jugulum.core.screens.Screen;
import jugulum.core.shop.Shop;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

class BatchFileTest {
  private static final String TEXT = BatchFile.write(Samples.everything(), List.of());

  private static FileFault onlyFault(String text) {
    assertThat(BatchFile.read(text)).isInstanceOf(Faulty.class);
    return ((Faulty) BatchFile.read(text)).faults().getFirst();
  }

  @Test
  void aBatchComesBackEqualInEveryValue() {
    assertThat(BatchFile.read(TEXT)).isEqualTo(new Read(Samples.everything(), List.of()));
  }

  @Test
  void numbersDoNotDependOnTheLocale() {
    Locale before = Locale.getDefault();
    Locale.setDefault(Locale.GERMANY);
    try {
      assertThat(BatchFile.write(Samples.everything(), List.of()))
          .isEqualTo(TEXT)
          .contains("14361.7")
          .contains("29.166667");
    } finally {
      Locale.setDefault(before);
    }
  }

  static Stream<Arguments> sealedKinds() {
    return Stream.of(
        Arguments.of(Measure.class, Mappers.MeasureKinds.class),
        Arguments.of(Process.class, Mappers.ProcessKinds.class),
        Arguments.of(Edit.class, Mappers.EditKinds.class));
  }

  @ParameterizedTest
  @MethodSource("sealedKinds")
  void everyKindHasAName(Class<?> model, Class<?> mixin) {
    Stream<Class<?>> named =
        Arrays.stream(mixin.getAnnotation(JsonSubTypes.class).value())
            .map(JsonSubTypes.Type::value);
    assertThat(named).containsExactlyInAnyOrder(model.getPermittedSubclasses());
  }

  /**
   * Each case spoils one place of a good file; the fault must name the line of that place or of the
   * object it is missing from.
   */
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "\"moisture\" : 0.084      | \"moisture\" : 1.2      | 0.99",
        "\"moisture\" : 0.084      | \"moisture\" : \"wet\"  | number",
        "\"grossG\" : 42150.0      | \"grossG\" : -1         | minimum",
        "\"grossG\" : 42150.0      | \"gross\" : 42150.0     | gross",
        "\"kind\" : \"assay\"      | \"kind\" : \"guess\"    | assay",
        "\"material\" : \"RESIDUE\" | \"material\" : \"MUD\" | TAILINGS",
        "\"fraction\" : 0.871      | \"fraction\" : 1.01     | maximum",
        "\"outputs\" : [ 17, 18 ]  | \"outputs\" : [ 17, 99 ] | no lot 99",
        "\"outputs\" : [ 17, 18 ]  | \"outputs\" : [ 17, 3 ]  | made twice",
        "\"inputs\" : [ 7 ]        | \"inputs\" : [ 3 ]       | taken twice",
        "\"tareG\" : 250.0         | \"tareG\" : 43000.0      | tareG",
      })
  void aFaultIsNamedWithItsLine(String good, String bad, String reason) {
    String spoilt =
        TEXT.replaceFirst(
            java.util.regex.Pattern.quote(good), java.util.regex.Matcher.quoteReplacement(bad));
    assertThat(spoilt).isNotEqualTo(TEXT);
    int line = (int) TEXT.substring(0, TEXT.indexOf(good)).lines().count();
    FileFault fault = onlyFault(spoilt);
    assertThat(fault.reason()).containsIgnoringCase(reason);
    assertThat(fault.line()).as(fault.toString()).isBetween(line - 2, line + 4);
  }

  /** A name that turns round what stands beside it, and one without end, never come in. */
  @Test
  void textsNobodySeesOrThatHaveNoEndAreRefused() {
    String name = Samples.everything().label().name();
    String turned = TEXT.replaceFirst(Pattern.quote(name), name + "\\\\u202e");
    assertThat(turned).isNotEqualTo(TEXT);
    assertThat(onlyFault(turned).reason()).contains("signs that nobody sees");
    String endless = TEXT.replaceFirst(Pattern.quote(name), name + "x".repeat(200_000));
    assertThat(onlyFault(endless).reason()).contains("longer than any that belongs here");
  }

  @Test
  void tornAndForeignFilesAreRefusedInASentence() {
    assertThat(onlyFault("").reason()).isNotBlank();
    assertThat(onlyFault("{\n  \"format\": \"jugulum-batch\",\n  oops").line()).isEqualTo(3);
    assertThat(onlyFault(TEXT.substring(0, TEXT.length() / 2)).line()).isGreaterThan(100);
    assertThat(onlyFault("[1, 2]").reason()).containsIgnoringCase("object");
    assertThat(onlyFault(TEXT.replace("\"version\" : 3", "\"version\" : 4")).reason())
        .contains("version 3");
    assertThat(onlyFault(TEXT.replace("\"moisture\" : 0.084", "\"moisture\" : NaN")).line())
        .isPositive();
  }

  @Test
  void editsComeBackEqual() {
    Batch batch = Samples.everything();
    Edit adopt = new Edit.Adopt(batch);
    assertThat(EDITS.read(1, EDITS.write(adopt))).isEqualTo(adopt);
    Edit assume = new Edit.Assume(batch.assumptions());
    assertThat(EDITS.read(1, EDITS.write(assume))).isEqualTo(assume);
  }

  /** Written before screens had a diameter, bowls a number and moistures a doubt. */
  @Test
  void olderRecordsAreStillRead() {
    assertThat(
            SHOPS
                .read(
                    1,
                    "{\"screens\":[{\"label\":\"50\",\"openingMm\":0.3}],\"assumptions\":"
                        + assumptions()
                        + "}")
                .owned())
        .containsExactly(new Screen("50", 0.3));
    String weight =
        "{\"edit\":\"record-on-lot\",\"lot\":1,\"measure\":{\"kind\":\"sand-weight\",\"grossG\":10,"
            + "\"tareG\":1,\"moisture\":0,\"resolutionG\":1}}";
    assertThat(EDITS.read(1, weight))
        .isEqualTo(new Edit.RecordOnLot(new LotId(1), new Measure.SandWeight(10, 1, 0, 1)));
    String step =
        "{\"edit\":\"take-step\",\"process\":{\"kind\":\"screen\",\"stack\":[{\"label\":\"50\","
            + "\"openingMm\":0.3}]},\"inputs\":[1],\"outputs\":[]}";
    assertThat(EDITS.read(1, step))
        .isEqualTo(
            new Edit.TakeStep(
                new Process.Screening(List.of(new Screen("50", 0.3))),
                List.of(new LotId(1)),
                List.of()));
    String magnet =
        step.replace(
            "\"screen\",\"stack\":[{\"label\":\"50\",\"openingMm\":0.3}]",
            "\"magnet\",\"medium\":\"BONE_DRY\"");
    assertThat(EDITS.read(1, magnet))
        .isEqualTo(
            new Edit.TakeStep(
                new Process.MagnetRun(Process.MagnetRun.Medium.BONE_DRY),
                List.of(new LotId(1)),
                List.of()));
    String pass =
        "{\"edit\":\"record-on-step\",\"step\":3,\"measure\":{\"kind\":\"pass\",\"from\":\"SAND\","
            + "\"liftedG\":9,\"droppedBackG\":1,\"specks\":4}}";
    assertThat(EDITS.read(1, pass))
        .isEqualTo(
            new Edit.RecordOnStep(
                new StepId(3), new Measure.Pass(Measure.Pass.From.SAND, 9, 1, 4)));
  }

  private static final Codec<Edit> EDITS = BatchStream.KIND.edits();
  private static final Codec<Shop> SHOPS = ShopStream.KIND.states();

  private static String assumptions() {
    String shop = SHOPS.write(Shop.USUAL);
    return shop.substring(
        shop.indexOf("\"assumptions\":") + "\"assumptions\":".length(),
        shop.indexOf("}", shop.indexOf("\"assumptions\"")) + 1);
  }
}
