package jugulum.desk.view;

/** The main views, in the order of their tabs and keys. */
public enum View {
  BENCH,
  CUTS,
  ACCOUNT,
  DAY,
  SEASON,
  GEAR,
  SHOP
}
