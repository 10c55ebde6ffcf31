package craftmap.core.form;

/** A place, or a direction, in the room the piece stands in. */
public record Vec(double x, double y, double z) {
  public static final Vec RIGHT = new Vec(1, 0, 0);
  public static final Vec LEFT = new Vec(-1, 0, 0);
  public static final Vec UP = new Vec(0, 1, 0);
  public static final Vec DOWN = new Vec(0, -1, 0);
  public static final Vec TOWARDS = new Vec(0, 0, 1);
  public static final Vec AWAY = new Vec(0, 0, -1);

  public Vec plus(Vec other) {
    return new Vec(x + other.x, y + other.y, z + other.z);
  }

  public Vec times(double factor) {
    return new Vec(x * factor, y * factor, z * factor);
  }

  /** What is at right angles to both, by the right hand. */
  public Vec cross(Vec other) {
    return new Vec(y * other.z - z * other.y, z * other.x - x * other.z, x * other.y - y * other.x);
  }

  public double dot(Vec other) {
    return x * other.x + y * other.y + z * other.z;
  }

  public double distance(Vec other) {
    double dx = other.x - x;
    double dy = other.y - y;
    double dz = other.z - z;
    return Math.sqrt(dx * dx + dy * dy + dz * dz);
  }
}
