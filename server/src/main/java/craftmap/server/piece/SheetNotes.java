package craftmap.server.piece;

import craftmap.core.colour.Colour;
import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.MotifBox;
import craftmap.core.design.Napkin;
import craftmap.core.design.Paper;
import craftmap.core.lay.rule.AcrossFronts;
import craftmap.core.lay.rule.Bare;
import craftmap.core.lay.rule.CollageSet;
import craftmap.core.lay.rule.Cover;
import craftmap.core.lay.rule.SheetCover;
import craftmap.core.lay.rule.SheetWork;
import craftmap.core.lay.rule.Stand;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.Wrapping;
import craftmap.core.lay.sheet.Bends;
import craftmap.core.measure.Decimals;
import craftmap.core.measure.TapeDivision;
import craftmap.core.measure.Tolerance;
import craftmap.core.plan.LayReading;
import craftmap.core.surface.Face;
import craftmap.core.surface.outline.BulgeOutline;
import craftmap.server.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What to look out for where sheets are cut, laid and glued. */
final class SheetNotes {
  /** A shift that nobody sees is none. */
  private static final double SHIFT_SEEN = 3;

  /** Nobody cuts paper truer than this. */
  private static final double MISS_SEEN_MM = 0.05;

  private final TapeDivision tape;

  SheetNotes(TapeDivision tape) {
    this.tape = tape;
  }

  List<ReadingView.NoteView> of(Face face, LayReading.Laid laid) {
    List<ReadingView.NoteView> notes = new ArrayList<>();
    if (laid.chosen().arrangement() instanceof SheetWork work) {
      spoilt(laid, work.spoilt()).ifPresent(notes::add);
    }
    if (laid.chosen().arrangement() instanceof Stand stand) {
      spoilt(laid, stand.spoilt()).ifPresent(notes::add);
    }
    switch (laid.chosen().arrangement()) {
      case AcrossFronts across -> across(across, laid, notes);
      case SheetCover cover -> cover(cover, laid, notes);
      case Wrapping wrap -> wrap(wrap, notes);
      case CollageSet collage -> collage(collage, notes);
      default -> {}
    }
    thin(face, laid.design()).ifPresent(notes::add);
    dome(face, laid).ifPresent(notes::add);
    if (laid.design() instanceof CutOut c && c.inkRuns()) {
      notes.add(LayNotes.look(Words.say("note.inkRuns")));
    }
    if (laid.design() instanceof Napkin n && n.plies() > 1) {
      notes.add(LayNotes.look(Words.say("note.plies", n.plies())));
    }
    if (laid.design() instanceof FoilRoll) {
      notes.add(LayNotes.fine(Words.say("note.foil")));
    }
    return notes;
  }

  private static Optional<ReadingView.NoteView> spoilt(
      LayReading.Laid laid, List<MotifBox> spoilt) {
    boolean named = laid.design().picture().map(p -> !p.motifs().isEmpty()).orElse(false);
    if (spoilt.isEmpty()) {
      return named ? Optional.of(LayNotes.fine(Words.say("note.nothingSpoilt"))) : Optional.empty();
    }
    return Optional.of(LayNotes.look(Words.say("note.spoilt", SheetViews.names(spoilt))));
  }

  /** Ground that a cover does not reach, with its place. */
  private Optional<ReadingView.NoteView> bare(Bare bare) {
    return bare.around()
        .map(
            b ->
                LayNotes.stop(
                    Words.say(
                        "note.bare",
                        Words.smallArea(bare.areaMm2()),
                        tape.show(b.widthMm()),
                        tape.show(b.heightMm()),
                        tape.show(b.leftMm()),
                        tape.show(b.topMm()))));
  }

  private void across(AcrossFronts across, LayReading.Laid laid, List<ReadingView.NoteView> notes) {
    if (across.way() == Way.ACROSS_THROUGH) {
      notes.add(LayNotes.fine(Words.say("note.through")));
    } else if (across.way() == Way.ACROSS_CLOSED_UP) {
      notes.add(LayNotes.fine(Words.say("note.closedUp")));
    }
    if (!across.seamsMm().isEmpty()) {
      notes.add(
          LayNotes.fine(
              Words.say(
                  "note.joints",
                  across.seamsMm().stream().map(tape::show).collect(Collectors.joining(", ")))));
    }
    double scrap = laid.design().printed().areaMm2();
    double used = across.parts().stream().mapToDouble(p -> p.shape().getArea()).sum();
    notes.add(LayNotes.fine(Words.say("note.pictureShare", Words.percent(used / scrap))));
  }

  private void cover(SheetCover cover, LayReading.Laid laid, List<ReadingView.NoteView> notes) {
    bare(cover.bare()).ifPresent(notes::add);
    if (laid.lay().rule() instanceof Cover rule) {
      notes.add(LayNotes.fine(Words.say("note.join", rule.join(), tape.show(rule.overlapMm()))));
      boolean repeats =
          laid.design() instanceof Paper p && p.repeat().isPresent()
              || laid.design() instanceof Napkin n && n.repeat().isPresent();
      if (repeats) {
        notes.add(
            Tolerance.EXACT.greater(cover.missMm(), MISS_SEEN_MM)
                ? LayNotes.look(Words.say("note.missAcross", tape.show(cover.missMm())))
                : LayNotes.fine(
                    Words.say(
                        laid.lay().alsoOn().isEmpty() ? "note.meets" : "note.meetsAcross",
                        laid.lay().faceIds().size())));
      }
    }
  }

  private void wrap(Wrapping wrap, List<ReadingView.NoteView> notes) {
    bare(wrap.bare()).ifPresent(notes::add);
    if (wrap.seamsInFront() > 0) {
      notes.add(LayNotes.look(Words.say("note.seamInFront")));
    }
    if (wrap.sagMm() > 0) {
      notes.add(
          LayNotes.fine(
              Words.say(
                  "note.sag", Words.fineMm(wrap.sagMm()), tape.show(wrap.overlapAtNarrowEndMm()))));
    }
    if (Tolerance.EXACT.greater(wrap.missMm(), 0)) {
      notes.add(LayNotes.look(Words.say("note.miss", tape.show(wrap.missMm()))));
    }
  }

  private void collage(CollageSet collage, List<ReadingView.NoteView> notes) {
    notes.add(
        LayNotes.fine(
            Words.say(
                "note.collage",
                Words.squareCentimetres(collage.unionMm2()),
                Words.percent(collage.groundShare()))));
  }

  /** What the ground does to a print that it shines through. */
  static Optional<ReadingView.NoteView> thin(Face face, Design design) {
    boolean thin =
        design instanceof Napkin || design instanceof Paper p && p.weight() == Paper.Weight.TISSUE;
    if (!thin) {
      return Optional.empty();
    }
    Colour own = design.picture().flatMap(p -> p.background()).orElse(new Colour("#FFFFFF"));
    Colour seen = own.over(face.ground());
    double shift = own.lab().ciede2000From(seen.lab());
    if (shift < SHIFT_SEEN) {
      return Optional.of(LayNotes.fine(Words.say("note.thinFine")));
    }
    boolean darker = face.ground().luminance() < own.luminance();
    String said = Words.say("note.thin", own.hex(), seen.hex(), Decimals.show(shift, 1));
    return Optional.of(darker ? LayNotes.look(said) : LayNotes.fine(said));
  }

  /** How large a flat piece lies on a dome without a fold. */
  private Optional<ReadingView.NoteView> dome(Face face, LayReading.Laid laid) {
    if (!(face.outline() instanceof BulgeOutline bulge)) {
      return Optional.empty();
    }
    double largest = Bends.flatAcrossMm(bulge.radiusMm(), Bends.stretchOf(laid.design()));
    double across =
        laid.items().stream()
            .mapToDouble(i -> Math.max(i.visible().widthMm(), i.visible().heightMm()))
            .max()
            .orElse(0);
    if (largest == 0) {
      return Optional.empty();
    }
    return Optional.of(
        across <= largest
            ? LayNotes.fine(Words.say("note.dome", tape.show(largest)))
            : LayNotes.look(Words.say("note.domeTooLarge", tape.show(largest), tape.show(across))));
  }
}
