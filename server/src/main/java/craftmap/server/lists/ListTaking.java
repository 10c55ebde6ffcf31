package craftmap.server.lists;

import craftmap.server.jobs.JobResult;
import craftmap.server.jobs.JobWorker;
import craftmap.server.jobs.Work;
import craftmap.server.shelf.Designs;
import craftmap.server.shelf.Media;
import craftmap.server.shelf.OwnedDesign;
import craftmap.server.shelf.Shelving;
import craftmap.server.stock.Ledger;
import craftmap.server.stock.Openings;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import jakarta.persistence.EntityManager;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Puts a list on the shelf: all rows but those with errors in one transaction, which also ends the
 * job. So a list is taken once, however often a server is killed in between.
 */
@Component
class ListTaking implements JobWorker<ListReading.Given> {
  private static final int FLUSHED = 200;

  private final Designs designs;
  private final Media media;
  private final Shelving shelving;
  private final Ledger ledger;
  private final TransactionTemplate transaction;
  private final EntityManager entities;

  ListTaking(
      Designs designs,
      Media media,
      Shelving shelving,
      Ledger ledger,
      TransactionTemplate transaction,
      EntityManager entities) {
    this.designs = designs;
    this.media = media;
    this.shelving = shelving;
    this.ledger = ledger;
    this.transaction = transaction;
    this.entities = entities;
  }

  @Override
  public String kind() {
    return "LIST_TAKING";
  }

  @Override
  public Class<ListReading.Given> input() {
    return ListReading.Given.class;
  }

  @Override
  public JobResult run(Work<ListReading.Given> work, Progress progress) {
    transaction.executeWithoutResult(
        t -> {
          new Taking(work.studio(), work.person(), designs.names(work.studio().id()))
              .all(work.input().table(), progress);
          progress.endsWith(JobResult.NONE);
        });
    return JobResult.NONE;
  }

  private final class Taking {
    private final Studio studio;
    private final String by;
    private final Map<Designs.Named, String> there;
    private final Openings openings = new Openings();

    private Taking(Studio studio, String by, Map<Designs.Named, String> there) {
      this.studio = studio;
      this.by = by;
      this.there = there;
    }

    private void all(CsvTable table, Progress progress) {
      ListLines lines = new ListLines(studio.tape(), Map.copyOf(there));
      // one sort after the other: what is written together then goes in large batches
      List<RowReader.Item> items =
          table.rows().stream()
              .map(lines::next)
              .flatMap(line -> line.item().stream())
              .sorted(Comparator.comparing(RowReader.MediumItem.class::isInstance))
              .toList();
      boolean media = false;
      int taken = 0;
      for (RowReader.Item item : items) {
        boolean turn = item instanceof RowReader.MediumItem && !media;
        if (turn || taken % FLUSHED == FLUSHED - 1) {
          write();
        }
        media |= turn;
        take(item);
        taken++;
        progress.mustGoOn((double) taken / items.size());
      }
      write();
    }

    /** What is written need not be looked through again with every row. */
    private void write() {
      entities.flush();
      ledger.open(studio.id(), openings, Words.say("buy.note"), by);
      entities.clear();
    }

    private void take(RowReader.Item item) {
      switch (item) {
        case RowReader.DesignItem d -> take(d);
        case RowReader.MediumItem m ->
            shelving.shelvePot(
                studio,
                media.add(studio.id(), m.given()),
                m.holds(),
                m.level(),
                m.stock(),
                openings);
      }
    }

    private void take(RowReader.DesignItem d) {
      String known = there.get(ListLines.named(d.given()));
      boolean isNew = known == null;
      OwnedDesign owned =
          isNew ? designs.add(studio.id(), d.given()) : designs.get(studio.id(), known);
      there.put(ListLines.named(d.given()), owned.design().id());
      if (isNew && !d.quantity().isEmpty()) {
        shelving.shelve(
            studio.id(), owned, d.quantity(), d.stock().particulars(), studio.tape(), openings);
      } else if (!d.quantity().isEmpty()) {
        write();
        shelving.buyDesign(
            studio.id(), owned, d.quantity(), d.stock().particulars(), studio.tape(), by);
      }
    }
  }
}
