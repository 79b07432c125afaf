package jugulum.desk.files;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import javax.print.DocFlavor;
import javax.print.DocPrintJob;
import javax.print.PrintException;
import javax.print.PrintService;
import javax.print.PrintServiceLookup;
import javax.print.SimpleDoc;
import javax.print.attribute.HashPrintRequestAttributeSet;
import javax.print.attribute.PrintRequestAttributeSet;
import javax.print.attribute.standard.JobName;

/**
 * The printers of the system that take pages as they are (PDF). Asking for them may take seconds:
 * it is done once, beside all else, and until then there are none.
 */
final class Printers {
  private static final List<Path> LP =
      List.of(Path.of("/usr/bin/lp"), Path.of("/usr/local/bin/lp"));
  private static final DocFlavor PAGES = DocFlavor.INPUT_STREAM.PDF;

  private final CompletableFuture<List<PrintService>> known =
      CompletableFuture.supplyAsync(Printers::found);

  private static List<PrintService> found() {
    Optional<String> usual =
        Optional.ofNullable(PrintServiceLookup.lookupDefaultPrintService())
            .map(PrintService::getName);
    return Arrays.stream(PrintServiceLookup.lookupPrintServices(PAGES, null))
        .sorted(Comparator.comparing(one -> !Optional.of(one.getName()).equals(usual)))
        .toList();
  }

  private List<PrintService> now() {
    return known.isCompletedExceptionally() ? List.of() : known.getNow(List.of());
  }

  /** Their names, the usual one first. */
  List<String> names() {
    return now().stream().map(PrintService::getName).toList();
  }

  /**
   * Prints pages.
   *
   * @throws IOException if the printer is gone, or does not take them
   */
  void print(String printer, String title, byte[] pdf) throws IOException {
    PrintService service =
        now().stream()
            .filter(one -> one.getName().equals(printer))
            .findFirst()
            .orElseThrow(() -> new IOException(printer));
    Optional<Path> spooler = LP.stream().filter(Files::isExecutable).findFirst();
    if (spooler.isPresent()) {
      spool(spooler.get(), printer, title, pdf);
      return;
    }
    DocPrintJob job = service.createPrintJob();
    PrintRequestAttributeSet asked = new HashPrintRequestAttributeSet();
    asked.add(new JobName(title, null));
    try {
      job.print(new SimpleDoc(new ByteArrayInputStream(pdf), PAGES, null), asked);
    } catch (PrintException problem) {
      throw new IOException(String.valueOf(problem.getMessage()), problem);
    }
  }

  /**
   * Where there is one, the system's own command is asked: the library's way wants an older one.
   */
  private static void spool(Path command, String printer, String title, byte[] pdf)
      throws IOException {
    Process lp =
        new ProcessBuilder(command.toString(), "-d", printer, "-t", title, "-")
            .redirectErrorStream(true)
            .start();
    try (OutputStream in = lp.getOutputStream()) {
      in.write(pdf);
    }
    String said = new String(lp.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
    try {
      if (lp.waitFor() != 0) {
        throw new IOException(said);
      }
    } catch (InterruptedException ended) {
      Thread.currentThread().interrupt();
      throw new IOException(said, ended);
    }
  }
}
