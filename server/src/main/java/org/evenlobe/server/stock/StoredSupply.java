package org.evenlobe.server.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Label;
import org.evenlobe.core.record.MadeFor;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Active;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.solution.Strength;
import org.evenlobe.server.fact.StoredFact;
import org.evenlobe.server.stock.SupplyRequest.LabelRequest;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What was said of a bottle or a pack. */
@Entity
@Table(name = "supply")
class StoredSupply extends StoredFact<SupplyRequest> {
  private static final int MOST_COUNTS = 12;

  @Enumerated(EnumType.STRING)
  private Supply.Kind kind;

  private String name;

  @Enumerated(EnumType.STRING)
  private @Nullable CleanerKind cleaner;

  private double size;
  private double amountLeft;
  private @Nullable Instant countedAt;
  private @Nullable LocalDate openedOn;

  @JdbcTypeCode(SqlTypes.JSON)
  private Map<String, Double> actives = Map.of();

  private @Nullable Double ph;
  private @Nullable Integer keepsDays;
  private @Nullable Boolean forDogs;

  @Enumerated(EnumType.STRING)
  private @Nullable MadeFor madeFor;

  private @Nullable LocalDate withdrawnOn;
  private @Nullable String withdrawnWhy;
  private @Nullable Double price;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable StoredBatch batch;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<EarlierCount> earlierCounts = List.of();

  /** What was left when somebody looked before, as the column holds it. */
  record EarlierCount(String at, double left) {

    Supply.Count toCore() {
      return new Supply.Count(Instant.parse(at), left);
    }
  }

  @Override
  protected void say(SupplyRequest said) {
    earlierCounts = before(said.countedAt());
    kind = said.kind();
    name = said.name().strip();
    cleaner = said.cleaner();
    size = said.size();
    amountLeft = said.left();
    countedAt = said.countedAt();
    openedOn = said.openedOn();
    LabelRequest printed = said.label();
    actives = printed == null ? Map.of() : texts(printed.actives());
    ph = printed == null ? null : printed.ph();
    keepsDays = printed == null ? null : printed.keepsDays();
    forDogs = printed == null ? null : printed.forDogs();
    madeFor = printed == null ? null : printed.madeFor();
    withdrawnOn = said.withdrawn() == null ? null : said.withdrawn().on();
    withdrawnWhy = said.withdrawn() == null ? null : said.withdrawn().why().strip();
    price = said.price();
    batch = said.batch() == null ? null : StoredBatch.of(said.batch());
  }

  private static Map<String, Double> texts(@Nullable Map<Active, Double> said) {
    Map<String, Double> texts = new TreeMap<>();
    if (said != null) {
      said.forEach((active, percent) -> texts.put(active.name(), percent));
    }
    return texts;
  }

  private Label label() {
    Map<Active, Strength> strengths = new EnumMap<>(Active.class);
    actives.forEach((name, percent) -> strengths.put(Active.valueOf(name), new Strength(percent)));
    return new Label(
        strengths,
        Optional.ofNullable(ph),
        Optional.ofNullable(keepsDays),
        Optional.ofNullable(new LabelRequest(null, null, null, forDogs, madeFor).saidFor()));
  }

  /** The counts before that one, the latest {@value #MOST_COUNTS}. */
  private List<EarlierCount> before(Instant counted) {
    List<EarlierCount> counts = new ArrayList<>(earlierCounts);
    if (countedAt != null) {
      counts.add(new EarlierCount(countedAt.toString(), amountLeft));
    }
    counts.removeIf(one -> !Instant.parse(one.at()).isBefore(counted));
    return List.copyOf(counts.subList(Math.max(0, counts.size() - MOST_COUNTS), counts.size()));
  }

  /** The same as the core knows it. */
  public Supply toCore(Ingredients shelf) {
    return new Supply(
        id(),
        kind,
        name,
        Optional.ofNullable(cleaner),
        size,
        amountLeft,
        countedAt,
        Optional.ofNullable(openedOn),
        label(),
        Optional.ofNullable(batch).map(mixed -> mixed.toCore(shelf)),
        Optional.ofNullable(price),
        earlierCounts.stream().map(EarlierCount::toCore).toList(),
        withdrawnOn == null || withdrawnWhy == null
            ? Optional.empty()
            : Optional.of(new Supply.Withdrawn(withdrawnOn, withdrawnWhy)));
  }
}
