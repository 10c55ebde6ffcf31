package craftmap.server.piece;

import craftmap.core.design.CustomCut;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Dots;
import craftmap.core.design.StencilDesign;
import craftmap.core.lay.Item;
import craftmap.core.lay.Placement;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.CylinderOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.server.shelf.OwnedDesign;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Items as they are drawn, and what each of them shows. */
final class ArtViews {
  private final Outline outline;
  private final Function<String, Optional<OwnedDesign>> shelf;
  private final Map<Design, Integer> numbers = new IdentityHashMap<>();
  private final List<LayView.ArtView> arts = new ArrayList<>();

  ArtViews(Outline outline, Function<String, Optional<OwnedDesign>> shelf) {
    this.outline = outline;
    this.shelf = shelf;
  }

  /** What the items that were viewed so far show. */
  List<LayView.ArtView> arts() {
    return List.copyOf(arts);
  }

  List<LayView.ItemView> items(List<Item> items, List<Integer> passOf) {
    List<LayView.ItemView> views = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      Item item = items.get(i);
      int pass = passOf.isEmpty() ? 1 : passOf.get(i);
      views.add(view(item, item.at(), false, pass));
      twin(item).ifPresent(at -> views.add(view(item, at, true, pass)));
    }
    return views;
  }

  private LayView.ItemView view(Item item, Placement at, boolean twin, int pass) {
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
  private Optional<Placement> twin(Item item) {
    Box box = item.visible();
    Point middle = item.centre();
    return switch (outline) {
      case CylinderOutline c when box.leftMm() < 0 ->
          Optional.of(item.at().movedBy(c.circumferenceMm(), 0));
      case CylinderOutline c when box.rightMm() > c.circumferenceMm() ->
          Optional.of(item.at().movedBy(-c.circumferenceMm(), 0));
      case ConeOutline c -> {
        double share = c.turnShare(middle);
        double round = c.openRad() * middle.distanceMm(c.apex());
        double half = Math.hypot(item.box().widthMm(), item.box().heightMm()) / 2 / round;
        yield share - half < 0
            ? Optional.of(turned(c, item.at(), 1))
            : share + half > 1 ? Optional.of(turned(c, item.at(), -1)) : Optional.empty();
      }
      default -> Optional.empty();
    };
  }

  private static Placement turned(ConeOutline cone, Placement at, int way) {
    double by = way * cone.openRad() * (cone.widerAtTheTop() ? 1 : -1);
    Point apex = cone.apex();
    double dx = at.centre().xMm() - apex.xMm();
    double dy = at.centre().yMm() - apex.yMm();
    Point there =
        apex.movedBy(dx * Math.cos(by) - dy * Math.sin(by), dx * Math.sin(by) + dy * Math.cos(by));
    return new Placement(there, at.turnDeg() + Math.toDegrees(by), at.mirrored(), at.scale());
  }

  private int add(Design design) {
    arts.add(art(design));
    return arts.size() - 1;
  }

  private LayView.ArtView art(Design design) {
    Optional<OwnedDesign> owned = shelf.apply(design.id());
    Box print = design.printed();
    double width = design.picture().map(p -> p.widthMm()).orElse(print.widthMm());
    double height = design.picture().map(p -> p.heightMm()).orElse(print.heightMm());
    boolean onShelf = owned.isPresent();
    String pathData =
        switch (design) {
          case StencilDesign s -> onShelf ? null : s.openings().pathData();
          case Dots d -> disc(d);
          default -> null;
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
        Boxes.view(print));
  }

  private static String disc(Dots dots) {
    String r = craftmap.core.measure.Decimals.show(dots.diameterMm() / 2, 3);
    String d = craftmap.core.measure.Decimals.show(dots.diameterMm(), 3);
    return "M0 %s A%s %s 0 0 1 %s %s A%s %s 0 0 1 0 %sZ".formatted(r, r, r, d, r, r, r, r);
  }

  /** What a design is painted in where no pot is named. */
  static String ownColour(Design design) {
    return switch (design) {
      case Dots dots -> dots.colour().hex();
      case CustomCut cut -> "#25313A";
      default -> design.kind() == DesignKind.RAISED_STENCIL ? "#F1EADA" : "#6C6A62";
    };
  }
}
