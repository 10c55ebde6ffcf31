package craftmap.server.truesize;

import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.piece.Pieces;
import java.io.IOException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;

/** Prints at true size; the job's file is the print. */
@Component
class TrueSizePrinter implements JobWorker<TrueSizePrinter.Order> {
  private final Pieces pieces;
  private final TrueSizePrints prints;

  TrueSizePrinter(Pieces pieces, TrueSizePrints prints) {
    this.pieces = pieces;
    this.prints = prints;
  }

  /** What of which piece. */
  record Order(String pieceId, TrueSizePrints.PrintWish wish) {}

  @Override
  public String kind() {
    return "PRINT";
  }

  @Override
  public Class<Order> input() {
    return Order.class;
  }

  @Override
  public JobResult run(Work<Order> work, Progress progress) throws IOException {
    Order order = work.input();
    return new JobResult(
        TrueSizePages.pdf(
            work.title(),
            prints.mustHave(
                work.studio(), pieces.get(work.studio(), order.pieceId()), order.wish()),
            progress),
        MediaType.APPLICATION_PDF_VALUE,
        work.title() + ".pdf");
  }
}
