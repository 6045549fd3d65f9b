package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.solution.MixAnalysis;

/**
 * A bottle or a pack that is in the house.
 *
 * <p>For example a bottle of 250 mL of which 180 mL were left when somebody looked on Sunday.
 *
 * @param id its id
 * @param kind what it is
 * @param name what the household calls it
 * @param cleaner what the cleaner does; empty for a mix, and for wipes that do not say
 * @param size how much a full one holds: mL of a cleaner, or a number of wipes
 * @param left how much was left when somebody looked
 * @param countedAt when that was
 * @param openedOn the day it was opened, where it is open
 * @param label what is printed on it; blank for a mix
 * @param batch that it was mixed at home, where it was
 * @param price what a full one costs, in the household's own money
 * @param earlier what was left when somebody looked before, oldest first
 * @param withdrawn since when and why it is not used any more, where it is not
 */
public record Supply(
    UUID id,
    Kind kind,
    String name,
    Optional<CleanerKind> cleaner,
    double size,
    double left,
    Instant countedAt,
    Optional<LocalDate> openedOn,
    Label label,
    Optional<Batch> batch,
    Optional<Double> price,
    List<Count> earlier,
    Optional<Withdrawn> withdrawn) {

  /**
   * That it is not used any more: it was recalled, has turned cloudy, or did harm.
   *
   * @param on since which day
   * @param why in the person's own words
   */
  public record Withdrawn(LocalDate on, String why) {
    public Withdrawn {
      Objects.requireNonNull(on, "on");
      Objects.requireNonNull(why, "why");
    }
  }

  /** One that is used. */
  public Supply(
      UUID id,
      Kind kind,
      String name,
      Optional<CleanerKind> cleaner,
      double size,
      double left,
      Instant countedAt,
      Optional<LocalDate> openedOn,
      Label label,
      Optional<Batch> batch,
      Optional<Double> price,
      List<Count> earlier) {
    this(
        id,
        kind,
        name,
        cleaner,
        size,
        left,
        countedAt,
        openedOn,
        label,
        batch,
        price,
        earlier,
        Optional.empty());
  }

  /**
   * What was left when somebody looked.
   *
   * @param at when that was
   * @param left how much
   */
  public record Count(Instant at, double left) {}

  /** What may be in the house. */
  public enum Kind {
    /** A bottle of cleaner, in mL. */
    CLEANER("mL"),
    /** A pack of wipes, counted. */
    WIPES("wipes");

    private final String unit;

    Kind(String unit) {
      this.unit = unit;
    }

    /** What it is counted in. */
    public String unit() {
      return unit;
    }

    /** So much of it as a sentence says it: a volume, or so many. */
    public String amount(double much) {
      return this == CLEANER ? Quantities.volume(much) : Figures.plain(much) + " " + unit;
    }
  }

  public Supply {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(kind, "kind");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(cleaner, "cleaner");
    Objects.requireNonNull(countedAt, "countedAt");
    Objects.requireNonNull(openedOn, "openedOn");
    Objects.requireNonNull(label, "label");
    Objects.requireNonNull(batch, "batch");
    Objects.requireNonNull(price, "price");
    Objects.requireNonNull(withdrawn, "withdrawn");
    earlier = List.copyOf(earlier);
    if (!(size > 0 && left >= 0 && left <= size)) {
      throw new IllegalArgumentException("0 to %s left, not %s".formatted(size, left));
    }
  }

  /** A ready one of which nobody has read the label. */
  public Supply(
      UUID id,
      Kind kind,
      String name,
      Optional<CleanerKind> cleaner,
      double size,
      double left,
      Instant countedAt,
      Optional<LocalDate> openedOn,
      List<Count> earlier) {
    this(
        id,
        kind,
        name,
        cleaner,
        size,
        left,
        countedAt,
        openedOn,
        Label.BLANK,
        Optional.empty(),
        Optional.empty(),
        earlier);
  }

  /** The last day on which it may be used, where one is known. */
  public Optional<LocalDate> useBy() {
    return batch
        .map(Batch::useBy)
        .or(() -> openedOn.flatMap(day -> label.keepsDays().map(day::plusDays)));
  }

  /** What a mL or a wipe of it costs: of a mix what went into it, as the shelf is priced. */
  public Optional<Double> pricePerUnit() {
    return price
        .map(paid -> paid / size)
        .or(
            () ->
                batch
                    .map(Batch::mix)
                    .filter(mix -> mix.millilitres() > 0)
                    .map(mix -> mix.price() / mix.millilitres()));
  }

  /**
   * What is in it: of a mix as it is computed, else as its label says; of one that nobody has read,
   * what its kind stands for.
   */
  public MixAnalysis contents() {
    return batch
        .map(mixed -> MixAnalysis.of(mixed.mix()))
        .orElseGet(
            () ->
                MixAnalysis.labelled(
                    name,
                    hasKnownContents() ? label.actives() : CleanerKind.standingFor(cleaner),
                    label.ph()));
  }

  /**
   * Whether it is known what is in it: of a mix always, of a ready one where its label was typed;
   * saline and a buffered cleaner say it by their kind.
   */
  public boolean hasKnownContents() {
    return batch.isPresent()
        || !label.actives().isEmpty()
        || cleaner
            .filter(kind -> kind == CleanerKind.SALINE || kind == CleanerKind.BUFFERED)
            .isPresent();
  }

  /** Whether what is wiped with it needs nothing else: a ready wipe brings its own cleaner. */
  public boolean bringsItsOwn() {
    return kind == Kind.WIPES && (cleaner.isPresent() || !label.actives().isEmpty());
  }

  /** Whether it is another of the same product: they have one name. */
  public boolean isAnother(Supply other) {
    return id.equals(other.id) || (kind == other.kind && isNamed(other.name));
  }

  /** Whether that is its name, however it is written. */
  public boolean isNamed(String said) {
    return plain(name).equals(plain(said));
  }

  private static String plain(String said) {
    return said.strip().replaceAll("\\s+", " ").toLowerCase(Locale.ROOT);
  }
}
