package org.evenlobe.core.round;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.core.rule.Reason;

/**
 * What is laid out for a round.
 *
 * @param wipes by what is wiped with
 * @param cleaners from which bottles or packs
 * @param ownCloths for how many dogs a cloth and a pair of gloves of their own
 * @param tools what some dogs need besides
 * @param reasons the arithmetic
 */
public record Tray(
    List<TrayWipes> wipes,
    List<TrayCleaner> cleaners,
    int ownCloths,
    List<TrayTool> tools,
    List<Reason> reasons) {

  /**
   * Wipes of one kind.
   *
   * @param material which
   * @param words what they are called
   * @param count how many for all dogs
   */
  public record TrayWipes(WipeMaterial material, String words, int count) {
    TrayWipes(WipeMaterial material, int count) {
      this(material, material.many().toLowerCase(Locale.ROOT), count);
    }
  }

  /**
   * What is taken from one bottle or pack.
   *
   * @param supply which; empty where none that suits is on record
   * @param amount how much for all dogs, mL or wipes
   * @param left how much is left in it, where that is known
   * @param suffices whether that is enough
   * @param shake whether it is shaken each time
   * @param ears for whose ears: what is named for one is offered for no other
   * @param missing what a vet named for them and is not to be had, where that is so
   */
  public record TrayCleaner(
      Optional<Supply> supply,
      double amount,
      Optional<Double> left,
      boolean suffices,
      boolean shake,
      List<TrayEars> ears,
      Optional<Reason> missing) {

    public TrayCleaner {
      ears = List.copyOf(ears);
    }
  }

  /**
   * Some ears of a dog.
   *
   * @param dog its name
   * @param ears which
   */
  public record TrayEars(String dog, List<Side> ears) {
    public TrayEars {
      ears = List.copyOf(ears);
    }
  }

  /**
   * A thing, and for whom.
   *
   * @param what what it is
   * @param dogs their names
   */
  public record TrayTool(String what, List<String> dogs) {
    public TrayTool {
      dogs = List.copyOf(dogs);
    }
  }

  public Tray {
    wipes = List.copyOf(wipes);
    cleaners = List.copyOf(cleaners);
    tools = List.copyOf(tools);
    reasons = List.copyOf(reasons);
  }
}
