package jugulum.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class CheckTest {
  @Test
  void aCopyByNameIsTheSameWhateverTheOrderWasAndStaysSo() {
    Map<String, Integer> told = new LinkedHashMap<>();
    told.put("rim", 4);
    told.put("flow", 11);
    told.put("charge", 30);
    Map<String, Integer> copy = Check.byName(told);
    told.put("tilt", 1);
    assertThat(copy.keySet()).containsExactly("charge", "flow", "rim");
    assertThatThrownBy(() -> copy.put("tilt", 2)).isInstanceOf(UnsupportedOperationException.class);
    Map<String, Integer> holey = new HashMap<>();
    holey.put("rim", null);
    assertThatThrownBy(() -> Check.byName(holey)).isInstanceOf(NullPointerException.class);
  }
}
