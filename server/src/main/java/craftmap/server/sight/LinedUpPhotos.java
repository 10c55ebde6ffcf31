package craftmap.server.sight;

import java.util.Arrays;
import java.util.List;

/**
 * How two photos of a piece lie one on the other.
 *
 * @param faceText the face that tells it
 * @param firstToSecond three by three numbers, row by row: from the first photo to the second, both
 *     where lines are straight
 * @param firstBulge what the lens of the first does to lines; a spot at a distance r from the
 *     middle, in half diagonals, stands at r (1 + k r²) where lines are straight
 */
public record LinedUpPhotos(
    String faceText, List<Double> firstToSecond, double firstBulge, double secondBulge) {
  LinedUpPhotos(String faceText, double[] firstToSecond, double firstBulge, double secondBulge) {
    this(faceText, Arrays.stream(firstToSecond).boxed().toList(), firstBulge, secondBulge);
  }
}
