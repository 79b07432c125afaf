package com.sun.glass.ui.unseen;

import com.sun.glass.ui.Application;
import com.sun.glass.ui.headless.HeadlessPlatformFactory;
import com.sun.glass.ui.headless.UnseenApplication;

/**
 * The platform the tests run on: the one that draws in memory, but nothing of it is painted. The
 * toolkit finds it by its name and package ({@code glass.platform=Unseen}).
 */
public final class UnseenPlatformFactory extends HeadlessPlatformFactory {
  @Override
  public Application createApplication() {
    return new UnseenApplication();
  }
}
