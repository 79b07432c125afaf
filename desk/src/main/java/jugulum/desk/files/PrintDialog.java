package jugulum.desk.files;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.stage.Window;
import jugulum.desk.words.Words;

/** Asks whether pages go to a printer, and which, or into a file. */
final class PrintDialog {
  private final Dialog<String> dialog = new Dialog<>();

  PrintDialog(Words words, Window window, List<String> printers) {
    ButtonType print = new ButtonType(words.of("print.print"), ButtonData.OK_DONE);
    ButtonType save = new ButtonType(words.of("print.save"), ButtonData.OTHER);
    ButtonType not = new ButtonType(words.of("print.not"), ButtonData.CANCEL_CLOSE);
    ComboBox<String> choice = new ComboBox<>();
    choice.setId("printer");
    choice.getItems().setAll(printers);
    choice.getSelectionModel().selectFirst();
    choice.setAccessibleText(words.of("print.printer"));
    choice.setMaxWidth(Double.MAX_VALUE);
    dialog.initOwner(window);
    dialog.setTitle(words.of("print.title"));
    dialog.setHeaderText(null);
    dialog.getDialogPane().setContent(new VBox(8, new Label(words.of("print.printer")), choice));
    dialog.getDialogPane().getButtonTypes().setAll(print, save, not);
    dialog.getDialogPane().getStylesheets().setAll(window.getScene().getStylesheets());
    dialog.getDialogPane().getStyleClass().add("page");
    dialog.setResultConverter(
        pressed -> pressed == print ? choice.getValue() : pressed == save ? "" : null);
  }

  /** A printer's name, an empty text for a file; empty when neither was wanted. */
  Optional<String> ask() {
    return dialog.showAndWait();
  }
}
