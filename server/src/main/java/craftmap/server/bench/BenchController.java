package craftmap.server.bench;

import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DryingLaw;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import craftmap.server.words.Measure;
import craftmap.server.words.Words;
import craftmap.server.writing.Version;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.ZoneId;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The studio's bench: looked at and changed. */
@RestController
@RequestMapping("/api/bench")
class BenchController {
  private final Benches benches;

  BenchController(Benches benches) {
    this.benches = benches;
  }

  /**
   * The bench.
   *
   * @param sizes how large the places to dry are as the tape shows it, in their order
   * @param factors of each room: what the climate of each hour does to the times on labels
   * @param zones time zones that may be chosen
   */
  record BenchView(
      long version,
      BenchDoc bench,
      List<PlaceSizeView> sizes,
      List<List<FactorView>> factors,
      List<String> zones) {}

  /** How large a place is; both are absent where anything finds room on it. */
  record PlaceSizeView(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure longSide,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Measure shortSide) {
    static PlaceSizeView of(DryingPlace place, TapeDivision tape) {
      return place
          .size()
          .map(s -> new PlaceSizeView(Measure.of(s.longMm(), tape), Measure.of(s.shortMm(), tape)))
          .orElse(new PlaceSizeView(null, null));
    }
  }

  /**
   * What an hour's climate does.
   *
   * @param waterText how many times as long water takes to dry
   * @param warmthText the same of solvents and cures
   * @param tooDamp whether nothing that dries is put on in it
   */
  record FactorView(String waterText, String warmthText, boolean tooDamp) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  ResponseEntity<BenchView> bench(Asker asker) {
    Benches.Kept kept = benches.kept(asker.studio());
    return ResponseEntity.ok()
        .header(HttpHeaders.ETAG, new Version(kept.version()).etag())
        .body(
            new BenchView(
                kept.version(),
                BenchDoc.of(kept.bench()),
                kept.bench().dryingPlaces().stream()
                    .map(p -> PlaceSizeView.of(p, asker.studio().tape()))
                    .toList(),
                kept.bench().rooms().stream()
                    .map(r -> r.climate().hours().stream().map(BenchController::factor).toList())
                    .toList(),
                ZoneId.getAvailableZoneIds().stream()
                    .filter(z -> z.contains("/") && !z.startsWith("Etc") && !z.startsWith("System"))
                    .sorted()
                    .toList()));
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping
  ResponseEntity<BenchView> change(
      Asker asker, @RequestHeader("If-Match") String ifMatch, @RequestBody BenchDoc bench) {
    benches.change(asker.studio(), Version.of(ifMatch).number(), bench.read());
    return bench(asker);
  }

  private static FactorView factor(Climate climate) {
    return new FactorView(
        Words.say("bench.factor", Decimals.show(DryingLaw.WATER.factor(climate), 2)),
        Words.say("bench.factor", Decimals.show(DryingLaw.WARMTH.factor(climate), 2)),
        climate.dampPercent() > Climate.DAMPEST_PERCENT);
  }
}
