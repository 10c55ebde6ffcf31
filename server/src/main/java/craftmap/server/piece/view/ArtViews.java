package craftmap.server.piece.view;

import craftmap.core.design.CutOut;
import craftmap.core.design.Design;
import craftmap.core.design.Dots;
import craftmap.core.design.EnlargedImage;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.FoilRoll;
import craftmap.core.design.Mould;
import craftmap.core.design.Moulding;
import craftmap.core.design.Napkin;
import craftmap.core.design.PaintedZone;
import craftmap.core.design.Paper;
import craftmap.core.design.PlasterFabric;
import craftmap.core.design.StencilDesign;
import craftmap.core.design.Texture;
import craftmap.core.design.Transfer;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.lay.Seam;
import craftmap.core.plane.Box;
import craftmap.core.plane.Planar;
import craftmap.core.surface.outline.Outline;
import craftmap.server.shelf.OwnedDesign;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.locationtech.jts.geom.Geometry;

/** Items as they are drawn, and what each of them shows. */
public final class ArtViews {
  private static final double LEAST_SEEN_MM2 = 0.5;

  private final List<Seam> seams;
  private final Geometry region;
  private final Function<String, Optional<OwnedDesign>> shelf;
  private final Map<Design, Integer> numbers = new IdentityHashMap<>();
  private final List<LayView.ArtView> arts = new ArrayList<>();

  public ArtViews(Outline outline, Function<String, Optional<OwnedDesign>> shelf) {
    this.seams = Seam.of(outline);
    this.region = seams.isEmpty() ? null : outline.region();
    this.shelf = shelf;
  }

  /** A sheet by itself. */
  public static LayView.ArtView ofSheet(
      Design design, Function<String, Optional<OwnedDesign>> shelf) {
    return art(design, shelf);
  }

  /** What the items that were viewed so far show. */
  public List<LayView.ArtView> arts() {
    return List.copyOf(arts);
  }

  public List<LayView.ItemView> items(List<Item> items, List<Integer> passOf) {
    List<LayView.ItemView> views = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      int pass = passOf.isEmpty() ? 1 : passOf.get(i);
      views.add(view(item, false, pass));
      goesOn(item)
          .map(
              s ->
                  new Item(
                      item.design(),
                      s.beyond(item.at()),
                      item.share(),
                      item.clip().map(s::beyond),
                      item.onKeepOut()))
          .ifPresent(twin -> views.add(view(twin, true, pass)));
    }
    return views;
  }

  private LayView.ItemView view(Item item, boolean twin, int pass) {
    Placement at = item.at();
    return new LayView.ItemView(
        at.centre().xMm(),
        at.centre().yMm(),
        at.turnDeg(),
        at.mirrored(),
        at.scale(),
        item.share(),
        numbers.computeIfAbsent(item.design(), this::add),
        item.clip().map(PathData::of).orElse(null),
        item.onKeepOut(),
        twin,
        pass);
  }

  /** What reaches over the seam of a rolled-up face is drawn at its other end as well. */
  private Optional<Seam> goesOn(Item item) {
    if (seams.isEmpty()) {
      return Optional.empty();
    }
    return seams.stream()
        .filter(
            s ->
                Planar.intersection(s.beyond(item.visibleArea()), region).getArea()
                    > LEAST_SEEN_MM2)
        .findFirst();
  }

  private int add(Design design) {
    arts.add(art(design, shelf));
    return arts.size() - 1;
  }

  private static LayView.ArtView art(Design design, Function<String, Optional<OwnedDesign>> shelf) {
    Optional<OwnedDesign> owned = shelf.apply(design.id());
    Box print = design.printed();
    double width = design.picture().map(p -> p.widthMm()).orElse(print.widthMm());
    double height = design.picture().map(p -> p.heightMm()).orElse(print.heightMm());
    boolean onShelf = owned.isPresent();
    String pathData =
        switch (design) {
          case StencilDesign s -> onShelf ? null : s.openings().pathData();
          case Dots d -> disc(d);
          case Transfer _,
              Napkin _,
              Paper _,
              CutOut _,
              FoilRoll _,
              Moulding _,
              Mould _,
              Texture _,
              PlasterFabric _,
              FilmRoll _,
              EnlargedImage _,
              PaintedZone _ ->
              null;
        };
    String address =
        design instanceof StencilDesign
            ? null
            : owned.flatMap(OwnedDesign::pictureAddress).orElse(null);
    return new LayView.ArtView(
        onShelf && design instanceof StencilDesign ? design.id() : null,
        pathData,
        address,
        address == null && pathData == null && !(design instanceof StencilDesign)
            ? owned.flatMap(o -> o.shades().stream().findFirst()).orElse("#D9CFBC")
            : null,
        width,
        height,
        Boxes.view(print),
        look(design),
        design instanceof PaintedZone z
            ? new LayView.BlendView(
                z.way().name(), z.colours().stream().map(c -> c.hex()).toList(), z.reach())
            : null);
  }

  private static LayView.ArtLook look(Design design) {
    return switch (design) {
      case Napkin n -> LayView.ArtLook.THIN;
      case Paper p ->
          p.weight() == Paper.Weight.TISSUE ? LayView.ArtLook.THIN : LayView.ArtLook.PLAIN;
      case FoilRoll f -> LayView.ArtLook.METAL;
      case PlasterFabric f -> LayView.ArtLook.GAUZE;
      case PaintedZone z -> LayView.ArtLook.ZONE;
      case StencilDesign _,
          Transfer _,
          CutOut _,
          FilmRoll _,
          Moulding _,
          Mould _,
          Texture _,
          EnlargedImage _,
          Dots _ ->
          LayView.ArtLook.PLAIN;
    };
  }

  private static String disc(Dots dots) {
    String r = craftmap.core.measure.Decimals.show(dots.diameterMm() / 2, 3);
    String d = craftmap.core.measure.Decimals.show(dots.diameterMm(), 3);
    return "M0 %s A%s %s 0 0 1 %s %s A%s %s 0 0 1 0 %sZ".formatted(r, r, r, d, r, r, r, r);
  }

  /** What a design is painted in where no pot is named. */
  static String ownColour(Design design) {
    return switch (design.kind()) {
      case DOTS -> design.colours().getFirst().hex();
      case CUSTOM_CUT -> "#25313A";
      case RAISED_STENCIL -> "#F1EADA";
      case STENCIL,
          ADHESIVE_STENCIL,
          STENCIL_ROLL,
          TRANSFER,
          NAPKIN,
          PAPER,
          COLLAGE,
          FOIL,
          MOULDING,
          CASTING,
          TEXTURE,
          PLASTER_FABRIC,
          FILM,
          ENLARGED_IMAGE,
          PAINTED_ZONE ->
          "#6C6A62";
    };
  }
}
