package craftmap.server.lists;

import craftmap.core.measure.RefusedInput;
import craftmap.server.shelf.DesignGiven;
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
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/** Brings lists onto the shelf: a dry run, then all rows in one transaction. */
@Service
class ShelfImport implements DisposableBean {
  private static final Logger LOG = LoggerFactory.getLogger(ShelfImport.class);
  private static final int JOBS_KEPT = 8;
  private static final int FLUSHED = 200;

  private final Designs designs;
  private final Media media;
  private final Shelving shelving;
  private final Ledger ledger;
  private final TransactionTemplate transaction;
  private final EntityManager entities;
  private final ExecutorService worker = Executors.newSingleThreadExecutor();
  private final Map<String, ImportJob> jobs =
      new LinkedHashMap<>() {
        @Override
        protected boolean removeEldestEntry(Map.Entry<String, ImportJob> eldest) {
          return size() > JOBS_KEPT;
        }
      };

  ShelfImport(
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

  ImportJob job(Studio studio, String id) {
    synchronized (jobs) {
      ImportJob job = jobs.get(id);
      if (job == null || !job.studioId().equals(studio.id())) {
        throw new NoSuchElementException("There is no list " + id + "; read the file again.");
      }
      return job;
    }
  }

  /**
   * Begins a dry run.
   *
   * @throws RefusedInput when the file is no list, or has a column nobody knows
   */
  ImportJob read(Studio studio, byte[] file) {
    CsvTable table = CsvTable.read(file);
    Set<String> known = RowReader.known();
    for (String column : table.columns()) {
      if (!column.isEmpty() && !known.contains(column)) {
        throw new RefusedInput(
            "List", "column " + column, "is not known, line 1", String.join(", ", known));
      }
    }
    if (!table.columns().contains("what") || !table.columns().contains("name")) {
      throw new RefusedInput(
          "List", "line 1", "has no column what, or none called name", "both of them");
    }
    ImportJob job = new ImportJob(UUID.randomUUID().toString(), studio.id());
    synchronized (jobs) {
      jobs.put(job.id(), job);
    }
    job.begin(ImportJob.ListState.READING, table.rows().size());
    worker.execute(() -> dryRun(studio, table, job));
    return job;
  }

  private void dryRun(Studio studio, CsvTable table, ImportJob job) {
    try {
      Map<Designs.Named, String> there = designs.names(studio.id());
      Set<Designs.Named> onTheList = new HashSet<>();
      RowReader reader = new RowReader(studio.tape());
      for (CsvTable.Row row : table.rows()) {
        job.add(line(row, reader, there, onTheList));
      }
      job.end(ImportJob.ListState.READY);
    } catch (RuntimeException bug) {
      LOG.error("unexpected", bug);
      job.fail(Words.say("lists.ourMistake"));
    }
  }

  private static ImportJob.Line line(
      CsvTable.Row row,
      RowReader reader,
      Map<Designs.Named, String> there,
      Set<Designs.Named> onTheList) {
    try {
      RowReader.Item item = reader.read(row);
      if (item instanceof RowReader.DesignItem d
          && (there.containsKey(named(d.given())) || !onTheList.add(named(d.given())))) {
        return new ImportJob.Line(
            row.line(),
            ImportJob.Effect.ADDS,
            item.name(),
            d.quantity().isEmpty()
                ? Words.say("lists.addsNothing")
                : Words.say("lists.adds", d.quantity()),
            Optional.of(item));
      }
      return new ImportJob.Line(
          row.line(), ImportJob.Effect.NEW, item.name(), said(item), Optional.of(item));
    } catch (RefusedInput refused) {
      return new ImportJob.Line(
          row.line(),
          ImportJob.Effect.ERROR,
          row.get("name"),
          refused.getMessage(),
          Optional.empty());
    }
  }

  private static String said(RowReader.Item item) {
    return switch (item) {
      case RowReader.DesignItem d ->
          Words.say("lists.newDesign", Words.say("designOne", d.given().kind()), d.quantity());
      case RowReader.MediumItem m -> Words.say("lists.newPot", m.given().generic(), m.holds());
    };
  }

  private static Designs.Named named(DesignGiven given) {
    return Designs.Named.of(given.kind(), given.name());
  }

  /** Does what the dry run said, leaving out the rows with errors. */
  void begin(Studio studio, ImportJob job, String by) {
    if (!job.beginImport()) {
      throw new RefusedInput(
          "List",
          "this list",
          "is not waiting to be taken",
          "a list that was read and not taken yet");
    }
    worker.execute(() -> take(studio, job, by));
  }

  private void take(Studio studio, ImportJob job, String by) {
    try {
      transaction.executeWithoutResult(
          t -> {
            Map<Designs.Named, String> there = designs.names(studio.id());
            Openings openings = new Openings();
            // one sort after the other: what is written together then goes in large batches
            List<RowReader.Item> items =
                job.standing().lines().stream()
                    .flatMap(line -> line.item().stream())
                    .sorted(Comparator.comparing(RowReader.MediumItem.class::isInstance))
                    .toList();
            boolean media = false;
            int taken = 0;
            for (RowReader.Item item : items) {
              boolean turn = item instanceof RowReader.MediumItem && !media;
              if (turn || taken % FLUSHED == FLUSHED - 1) {
                write(studio, openings, by);
              }
              media |= turn;
              take(studio, item, there, openings, by);
              job.step();
              taken++;
            }
            write(studio, openings, by);
          });
      job.end(ImportJob.ListState.DONE);
    } catch (RefusedInput refused) {
      job.fail(refused.getMessage());
    } catch (RuntimeException bug) {
      LOG.error("unexpected", bug);
      job.fail(Words.say("lists.ourMistake"));
    }
  }

  /** What is written need not be looked through again with every row. */
  private void write(Studio studio, Openings openings, String by) {
    entities.flush();
    ledger.open(studio.id(), openings, Words.say("buy.note"), by);
    entities.clear();
  }

  private void take(
      Studio studio,
      RowReader.Item item,
      Map<Designs.Named, String> there,
      Openings openings,
      String by) {
    switch (item) {
      case RowReader.DesignItem d -> {
        String known = there.get(named(d.given()));
        boolean isNew = known == null;
        OwnedDesign owned =
            isNew ? designs.add(studio.id(), d.given()) : designs.get(studio.id(), known);
        there.put(named(d.given()), owned.design().id());
        if (isNew && !d.quantity().isEmpty()) {
          shelving.shelve(
              studio.id(), owned, d.quantity(), d.stock().particulars(), studio.tape(), openings);
        } else if (!d.quantity().isEmpty()) {
          write(studio, openings, by);
          shelving.buyDesign(
              studio.id(), owned, d.quantity(), d.stock().particulars(), studio.tape(), by);
        }
      }
      case RowReader.MediumItem m ->
          shelving.shelvePot(
              studio, media.add(studio.id(), m.given()), m.holds(), m.level(), m.stock(), openings);
    }
  }

  @Override
  public void destroy() {
    worker.shutdownNow();
  }
}
