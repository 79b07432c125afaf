package jugulum.desk.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import javafx.beans.property.SimpleIntegerProperty;
import javafx.scene.layout.Region;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.util.WaitForAsyncUtils;

@ExtendWith(ApplicationExtension.class)
class ZoomTest {
  /** Everything fits into 1200 by 700; no size asked for may take that room away. */
  @ParameterizedTest
  @CsvSource({
    "1280, 800, 100, 1.0",
    "1920, 1080, 110, 1.1",
    "1920, 1080, 150, 1.5",
    "1920, 1080, 200, 1.542857",
    "2560, 1440, 200, 2.0",
    "1024, 700, 100, 0.853333",
    "1280, 800, 80, 0.8"
  })
  void growsAsFarAsThereIsRoomAndShrinksWhereThereIsNot(
      double width, double height, int percent, double factor) {
    WaitForAsyncUtils.waitForAsyncFx(
        10_000,
        () -> {
          Region content = new Region();
          Zoom zoom = new Zoom(content, new SimpleIntegerProperty(percent));
          zoom.resize(width, height);
          zoom.layout();
          assertThat(content.getWidth()).isCloseTo(width / factor, within(2.0));
          assertThat(content.getBoundsInParent().getWidth()).isCloseTo(width, within(1.0));
          assertThat(content.getBoundsInParent().getHeight()).isCloseTo(height, within(1.0));
          return null;
        });
  }
}
