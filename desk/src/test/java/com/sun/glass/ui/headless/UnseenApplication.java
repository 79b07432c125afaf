package com.sun.glass.ui.headless;

import com.sun.glass.ui.GlassRobot;
import com.sun.glass.ui.Screen;
import com.sun.glass.ui.Window;
import java.nio.ByteBuffer;
import org.jspecify.annotations.Nullable;

/**
 * Windows that are laid out, hear keys and the mouse, and are never painted: painting in memory
 * copies every frame pixel by pixel on the interface thread, nine tenths of a test, and nobody
 * looks. Pictures of a scene are drawn apart from its window, and come out as ever.
 */
public final class UnseenApplication extends HeadlessApplication {
  private static final int SIDE = 1000;
  private static final int BYTES_A_PIXEL = 4;

  private final HeadlessWindowManager windows = new HeadlessWindowManager();

  /** What a closed window clears; nothing is written to it. */
  private final ByteBuffer screen = ByteBuffer.allocate(SIDE * SIDE * BYTES_A_PIXEL);

  private @Nullable HeadlessRobot robot;

  @Override
  public GlassRobot createRobot() {
    robot = (HeadlessRobot) super.createRobot();
    return robot;
  }

  @Override
  public Window createWindow(@Nullable Window owner, Screen on, int style) {
    HeadlessWindow made = new Unseen(windows, owner, on, screen, style);
    if (robot != null) {
      robot.windowAdded(made);
      made.setRobot(robot);
    }
    return made;
  }

  private static final class Unseen extends HeadlessWindow {
    Unseen(
        HeadlessWindowManager windows,
        @Nullable Window owner,
        Screen on,
        ByteBuffer screen,
        int style) {
      super(windows, owner, on, screen, style);
    }

    /** What is asked before a frame is painted, and for nothing else here. */
    @Override
    public boolean isMinimized() {
      return true;
    }
  }
}
