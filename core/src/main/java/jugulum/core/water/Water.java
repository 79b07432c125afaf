package jugulum.core.water;

import jugulum.core.check.Check;

/**
 * Liquid water at about sea-level pressure.
 *
 * <p>Viscosity: IAPWS SR6-08(2011), supplementary release on liquid water at 0.1 MPa, equation for
 * the viscosity. Density: Kell 1975, Journal of Chemical and Engineering Data 20, 97 to 105,
 * equation 16. Both hold from 0 to 100 °C, both constants from memory and held by the check values
 * beside the test.
 *
 * @param temperatureC its temperature, in °C, from 0 to 60: no bench runs hotter
 */
public record Water(double temperatureC) {
  /** Coldest water taken, in °C. */
  public static final double COLDEST_C = 0;

  /** Hottest water taken, in °C. */
  public static final double HOTTEST_C = 60;

  private static final double[] VISCOSITY_A = {280.68, 511.45, 61.131, 0.45903};
  private static final double[] VISCOSITY_B = {-1.9, -7.7, -19.6, -40};
  private static final double[] KELL = {
    999.83952, 16.945176, -7.9870401e-3, -46.170461e-6, 105.56302e-9, -280.54253e-12
  };
  private static final double KELL_BELOW = 16.879850e-3;
  private static final double REFERENCE_K = 300;
  private static final double ZERO_C_IN_K = 273.15;

  /** Checks the temperature. */
  public Water {
    Check.inRange("temperatureC", temperatureC, COLDEST_C, HOTTEST_C);
  }

  /** Its dynamic viscosity, in Pa s. */
  public double viscosityPaS() {
    double reduced = (temperatureC + ZERO_C_IN_K) / REFERENCE_K;
    double sum = 0;
    for (int i = 0; i < VISCOSITY_A.length; i++) {
      sum += VISCOSITY_A[i] * Math.pow(reduced, VISCOSITY_B[i]);
    }
    return 1e-6 * sum;
  }

  /** Its density, in kg/m³. */
  public double densityKgM3() {
    double polynomial = 0;
    for (int i = KELL.length - 1; i >= 0; i--) {
      polynomial = polynomial * temperatureC + KELL[i];
    }
    return polynomial / (1 + KELL_BELOW * temperatureC);
  }

  /** Its kinematic viscosity, in m²/s. */
  public double kinematicViscosityM2S() {
    return viscosityPaS() / densityKgM3();
  }
}
