package jugulum.desk.practice;

/** Paints a run as it stands. Off the interface thread. */
interface Painting {
  /** The width of the picture, in pixels. */
  int width();

  /** The height of the picture, in pixels. */
  int height();

  /** Paints. */
  void paint(Canvas canvas);
}
