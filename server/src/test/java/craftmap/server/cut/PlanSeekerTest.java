package craftmap.server.cut;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import craftmap.core.cut.nest.NestSearch;
import craftmap.server.ServerTest;
import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.studio.Studios;
import java.util.List;
import java.util.concurrent.CancellationException;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tools.jackson.databind.JsonNode;

class PlanSeekerTest extends ServerTest {
  @Autowired private PlanSeeker seeker;
  @Autowired private Studios studios;

  /** Goes on until it is told a share of this much. */
  private record StopsAt(double most) implements JobWorker.Progress {
    @Override
    public boolean at(double share) {
      return share < most;
    }

    @Override
    public void endsWith(JobResult result) {
      throw new AssertionError("a plan is kept by itself");
    }
  }

  private Work<PlanSeeker.Sought> work(long again) {
    return new Work<>(
        "job",
        studios.first(),
        "A better plan",
        "Wren",
        new PlanSeeker.Sought(
            List.of("folding-screen"),
            "lattice-shells",
            new KeptPlans.WishDoc(NestSearch.Preference.LARGEST_LEFTOVER, again, 0, List.of())));
  }

  @Test
  void aSearchThatIsStoppedLeavesThePlanFromBefore() {
    JsonNode before = get("/api/pieces/folding-screen/cuts").body();
    for (double share : new double[] {0, 0.4, 1}) {
      assertThatExceptionOfType(CancellationException.class)
          .isThrownBy(() -> seeker.run(work(7), new StopsAt(share)));
    }
    assertThat(get("/api/pieces/folding-screen/cuts").body()).isEqualTo(before);
  }

  @Test
  void aSecondServerThatSeeksTheSameKeepsTheSame() {
    try {
      seeker.run(work(3), new StopsAt(2));
      JsonNode once = get("/api/pieces/folding-screen/cuts").body();
      assertThat(once.at("/designs/0/isSearched").asBoolean()).isTrue();
      seeker.run(work(3), new StopsAt(2));
      assertThat(get("/api/pieces/folding-screen/cuts").body()).isEqualTo(once);
    } finally {
      delete("/api/pieces/folding-screen/cuts/lattice-shells/searches");
    }
  }
}
