package craftmap.server;

import craftmap.core.form.Vec;
import java.awt.image.BufferedImage;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;

/**
 * A photo of a chest that nobody took: rays through a pinhole, a soft window light from the left,
 * wood with grain. The chest stands with its front at z = 0, x to the right, y up, in millimetres;
 * where each place of its front is seen is known to the last figure. Also how the demo's photos
 * were made, see {@link #main}.
 */
final class RenderedChest {
  static final double WIDE = 870;
  static final double HIGH = 420;
  static final double DEEP = 450;

  private static final Vec LIGHT = new Vec(-1900, 2300, 1500);
  private static final double LIGHT_SIZE = 620;

  /** As many as make a shadow's edge soft to the eye; what looks for corners needs fewer. */
  private static final int SOFT = 12;

  private static final int FIRM = 3;

  private final Vec at;
  private final Vec right;
  private final Vec up;
  private final Vec away;
  private final double focal;
  private final int width;
  private final int height;
  private final boolean painted;
  private final int shadowRays;

  /** One to find places on. */
  RenderedChest(Vec at, Vec to, double focal, int width, int height, boolean painted) {
    this(at, to, focal, width, height, painted, FIRM);
  }

  private RenderedChest(
      Vec at, Vec to, double focal, int width, int height, boolean painted, int shadowRays) {
    this.at = at;
    this.away = unit(minus(to, at));
    this.right = unit(cross(away, new Vec(0, 1, 0)));
    this.up = cross(right, away);
    this.focal = focal;
    this.width = width;
    this.height = height;
    this.painted = painted;
    this.shadowRays = shadowRays;
  }

  /** As it came, from the right; and with its ground on and bands masked, from farther left. */
  static RenderedChest asItCame() {
    return new RenderedChest(
        new Vec(1150, 900, 1560), new Vec(470, 205, -170), 1.22, 1500, 1060, false, SOFT);
  }

  static RenderedChest masked() {
    return new RenderedChest(
        new Vec(110, 760, 1640), new Vec(420, 205, -140), 1.2, 1500, 1060, true, SOFT);
  }

  /**
   * Writes the demo's photos into a folder, and where faces lie on them as somebody points them
   * out.
   */
  public static void main(String[] args) throws IOException {
    ImageIO.write(asItCame().picture(), "jpg", new File(args[0], "sea-chest-before.jpg"));
    ImageIO.write(masked().picture(), "jpg", new File(args[0], "sea-chest-during.jpg"));
    Files.writeString(
        Path.of(args[0], "sightings.json"),
        "{\n  \"sea-chest-before\": [%s],\n  \"sea-chest-during\": [%s]\n}\n"
            .formatted(asItCame().pointedOut(), masked().pointedOut()));
  }

  private String pointedOut() {
    Map<String, Vec> front = new LinkedHashMap<>();
    front.put("top-left", onFront(0, 0));
    front.put("top-right", onFront(WIDE, 0));
    front.put("bottom-right", onFront(WIDE, HIGH));
    front.put("bottom-left", onFront(0, HIGH));
    if (!painted) {
      front.put("mark:screw", onFront(776, 228));
      front.put("mark:chip", onFront(680.8, 104));
    }
    Map<String, Vec> lid = new LinkedHashMap<>();
    lid.put("top-left", new Vec(0, HIGH, -DEEP));
    lid.put("top-right", new Vec(WIDE, HIGH, -DEEP));
    lid.put("bottom-right", new Vec(WIDE, HIGH, 0));
    lid.put("bottom-left", new Vec(0, HIGH, 0));
    return pins("front", front) + ", " + pins("lid", lid);
  }

  private static Vec onFront(double x, double y) {
    return new Vec(x, HIGH - y, 0);
  }

  private String pins(String faceId, Map<String, Vec> places) {
    return places.entrySet().stream()
        .map(
            e -> {
              double[] seen = seen(e.getValue());
              return "\n      {\"anchor\": \"%s\", \"x\": %d, \"y\": %d}"
                  .formatted(e.getKey(), Math.round(seen[0]), Math.round(seen[1]));
            })
        .collect(
            Collectors.joining(
                ",", "\n    {\"faceId\": \"" + faceId + "\", \"pins\": [", "\n    ]}"));
  }

  /** Where a place in the room is seen: pixels right and down. */
  double[] seen(Vec place) {
    Vec from = minus(place, at);
    double scale = focal * Math.max(width, height) / dot(from, away);
    return new double[] {
      width / 2.0 + dot(from, right) * scale, height / 2.0 - dot(from, up) * scale,
    };
  }

  BufferedImage picture() {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    // asked some hundred million times, by one thread: the usual one is made for many
    SplittableRandom dice = new SplittableRandom(17);
    for (int y = 0; y < height; y++) {
      for (int x = 0; x < width; x++) {
        double[] sum = new double[3];
        for (int s = 0; s < 4; s++) {
          double[] c = colour(x + 0.25 + 0.5 * (s % 2), y + 0.25 + 0.5 * (s / 2), dice);
          for (int i = 0; i < 3; i++) {
            sum[i] += c[i] / 4;
          }
        }
        double grain = dice.nextGaussian() * 1.6;
        int rgb = 0;
        for (int i = 0; i < 3; i++) {
          double shown = 255 * Math.pow(Math.clamp(sum[i], 0, 1), 1 / 2.2) + grain;
          rgb = rgb << 8 | Math.clamp(Math.round(shown), 0, 255);
        }
        image.setRGB(x, y, rgb);
      }
    }
    return image;
  }

  private record Hit(Vec place, Vec normal, double[] colour) {}

  private double[] colour(double px, double py, SplittableRandom dice) {
    double k = focal * Math.max(width, height);
    Vec ray =
        unit(
            plus(
                away,
                plus(times(right, (px - width / 2.0) / k), times(up, (height / 2.0 - py) / k))));
    Hit hit = hit(ray);
    double light = light(hit, dice);
    // the room gives back some light, less of it low down beside the chest
    double room = 0.2 + 0.09 * Math.clamp(hit.place().y() / 420, 0, 1);
    if (hit.place().y() < 1) {
      room *= 1 - 0.6 * Math.exp(-distanceToChest(hit.place()) / 60);
    }
    double[] shade = new double[3];
    double[] tint = {1.0, 0.95, 0.86};
    for (int i = 0; i < 3; i++) {
      shade[i] = hit.colour()[i] * (light * tint[i] * 0.62 + room * (1.08 - 0.08 * i));
    }
    return shade;
  }

  /** Some hundred million rays a picture: in plain figures, without a vector for each. */
  private double light(Hit hit, SplittableRandom dice) {
    Vec place = hit.place();
    Vec normal = hit.normal();
    Vec begin = plus(place, times(normal, 0.5));
    double light = 0;
    for (int i = 0; i < shadowRays; i++) {
      double x = LIGHT.x() - place.x();
      double y = LIGHT.y() + (dice.nextDouble() - 0.5) * LIGHT_SIZE - place.y();
      double z = LIGHT.z() + (dice.nextDouble() - 0.5) * LIGHT_SIZE - place.z();
      double far = Math.sqrt(x * x + y * y + z * z);
      double slope = (normal.x() * x + normal.y() * y + normal.z() * z) / far;
      if (slope > 0 && box(begin, x / far, y / far, z / far) >= far) {
        light += slope * 1.05e7 / (far * far) / shadowRays;
      }
    }
    return light;
  }

  private static double distanceToChest(Vec p) {
    double dx = Math.max(0, Math.max(-p.x(), p.x() - WIDE));
    double dz = Math.max(0, Math.max(p.z(), -DEEP - p.z()));
    return Math.hypot(dx, dz);
  }

  private Hit hit(Vec ray) {
    double chest = box(at, ray.x(), ray.y(), ray.z());
    double floor = ray.y() < 0 ? -at.y() / ray.y() : Double.MAX_VALUE;
    double wall = ray.z() < 0 ? (-1500 - at.z()) / ray.z() : Double.MAX_VALUE;
    double nearest = Math.min(chest, Math.min(floor, wall));
    Vec place = plus(at, times(ray, nearest));
    if (nearest == chest) {
      return onChest(place);
    }
    if (nearest == floor) {
      double board = Math.floor(place.x() / 190);
      double gap = Math.abs(place.x() / 190 - Math.rint(place.x() / 190)) < 0.012 ? 0.45 : 1;
      double tone =
          (0.20 + 0.035 * noise(board, 3))
              * gap
              * (1 + 0.12 * Math.sin(place.z() / 31 + 3 * noise(board, place.z() / 400)));
      return new Hit(place, new Vec(0, 1, 0), new double[] {tone * 1.25, tone, tone * 0.76});
    }
    double skirting = place.y() < 130 ? 1.15 : 1;
    double tone =
        (0.47 + 0.05 * noise(place.x() / 300, place.y() / 260))
            * skirting
            * (place.y() > 126 && place.y() < 134 ? 0.7 : 1);
    return new Hit(place, new Vec(0, 0, 1), new double[] {tone, tone * 0.95, tone * 0.86});
  }

  /** How far along a ray the chest is. */
  private static double box(Vec from, double x, double y, double z) {
    double near = 1e-6;
    double far = Double.MAX_VALUE;
    double a = -from.x() / x;
    double b = (WIDE - from.x()) / x;
    near = Math.max(near, Math.min(a, b));
    far = Math.min(far, Math.max(a, b));
    a = -from.y() / y;
    b = (HIGH - from.y()) / y;
    near = Math.max(near, Math.min(a, b));
    far = Math.min(far, Math.max(a, b));
    a = (-DEEP - from.z()) / z;
    b = -from.z() / z;
    near = Math.max(near, Math.min(a, b));
    far = Math.min(far, Math.max(a, b));
    return near <= far && near > 1e-6 ? near : Double.MAX_VALUE;
  }

  private Hit onChest(Vec p) {
    if (Math.abs(p.z()) < 1e-3) {
      return new Hit(p, new Vec(0, 0, 1), front(p.x(), HIGH - p.y()));
    }
    if (Math.abs(p.y() - HIGH) < 1e-3) {
      double[] c = ground(p.x(), p.z() + 900, 1.06);
      boolean joint = Math.abs(p.z() + 224) < 1.2;
      return new Hit(p, new Vec(0, 1, 0), joint ? darker(c, 0.4) : c);
    }
    boolean isRight = Math.abs(p.x() - WIDE) < 1e-3;
    return new Hit(
        p, new Vec(isRight ? 1 : -1, 0, 0), ground(p.z() + 70, HIGH - p.y() + 500, 0.96));
  }

  /** The front by its own measures, from the left and from the top. */
  private double[] front(double x, double y) {
    if (x > 408 && x < 462 && y < 36) {
      boolean hole = Math.hypot(x - 435, y - 17) < 5.5;
      double brass = hole ? 0.02 : 0.16 + 0.05 * noise(x / 9, y / 9);
      return new double[] {brass * 1.2, brass * 1.05, brass * 0.72};
    }
    double[] c = ground(x, y, 1);
    // the edge of the lid
    if (Math.abs(y - 20) < 1.1) {
      return darker(c, 0.35);
    }
    boolean nail = Math.hypot(x - 680.8, y - 104) < 2.8;
    boolean screw = Math.hypot(x - 776, y - 228) < 5;
    boolean scratch =
        Math.abs(y - 343 - 6 * Math.sin((x - 431) / 40)) < 1.1 && Math.abs(x - 431) < 62;
    if (!painted && (nail || screw || scratch)) {
      return screw ? new double[] {0.12, 0.12, 0.13} : darker(c, 0.25);
    }
    boolean tape = painted && (y > 84 && y < 108 || y > 336 && y < 360);
    if (tape) {
      double t = 0.6 + 0.05 * noise(x / 13, y / 2);
      return new double[] {t, t * 0.9, t * 0.55};
    }
    return c;
  }

  private double[] ground(double along, double across, double bright) {
    if (painted) {
      double brush = 1 + 0.10 * (noise(along / 90, across / 3.1) - 0.5);
      return new double[] {0.022 * brush * bright, 0.078 * brush * bright, 0.098 * brush * bright};
    }
    double wave =
        across + 46 * noise(along / 420, across / 130) + 7 * noise(along / 90, across / 17);
    double rings = Math.pow(0.5 + 0.5 * Math.sin(wave / 8.5), 2.2);
    double fine = noise(along / 120, across / 1.7);
    double board = noise(3, Math.floor(across / 140)) * 0.1;
    double tone = (0.86 - 0.17 * rings + 0.14 * fine + board) * bright;
    return new double[] {0.55 * tone, 0.33 * tone, 0.15 * tone};
  }

  private static double[] darker(double[] c, double by) {
    return new double[] {c[0] * by, c[1] * by, c[2] * by};
  }

  /** Even between its places, from 0 to 1, the same each time. */
  private static double noise(double x, double y) {
    int ix = (int) Math.floor(x);
    int iy = (int) Math.floor(y);
    double fx = x - ix;
    double fy = y - iy;
    fx = fx * fx * (3 - 2 * fx);
    fy = fy * fy * (3 - 2 * fy);
    double top = at(ix, iy) * (1 - fx) + at(ix + 1, iy) * fx;
    double bottom = at(ix, iy + 1) * (1 - fx) + at(ix + 1, iy + 1) * fx;
    return top * (1 - fy) + bottom * fy;
  }

  private static double at(int x, int y) {
    int h = x * 374761393 + y * 668265263;
    h = (h ^ h >>> 13) * 1274126177;
    return (h >>> 8 & 0xFFFF) / 65535.0;
  }

  private static Vec plus(Vec a, Vec b) {
    return new Vec(a.x() + b.x(), a.y() + b.y(), a.z() + b.z());
  }

  private static Vec minus(Vec a, Vec b) {
    return new Vec(a.x() - b.x(), a.y() - b.y(), a.z() - b.z());
  }

  private static Vec times(Vec a, double by) {
    return new Vec(a.x() * by, a.y() * by, a.z() * by);
  }

  private static double dot(Vec a, Vec b) {
    return a.x() * b.x() + a.y() * b.y() + a.z() * b.z();
  }

  private static Vec cross(Vec a, Vec b) {
    return new Vec(
        a.y() * b.z() - a.z() * b.y(),
        a.z() * b.x() - a.x() * b.z(),
        a.x() * b.y() - a.y() * b.x());
  }

  private static Vec unit(Vec v) {
    return times(v, 1 / Math.sqrt(dot(v, v)));
  }
}
