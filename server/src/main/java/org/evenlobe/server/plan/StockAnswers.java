package org.evenlobe.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.HouseholdStock;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.account.SettingsKeeping;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.record.DogRecords;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How long what is in the house lasts, and what to buy. */
@Service
public class StockAnswers {
  private final Dogs dogs;
  private final DogRecords records;
  private final SettingsKeeping settings;
  private final SupplyAnswers supplies;
  private final HouseholdDay day;
  private final PlanMaking making;

  StockAnswers(
      Dogs dogs,
      DogRecords records,
      SettingsKeeping settings,
      SupplyAnswers supplies,
      HouseholdDay day,
      PlanMaking making) {
    this.dogs = dogs;
    this.records = records;
    this.settings = settings;
    this.supplies = supplies;
    this.day = day;
    this.making = making;
  }

  /**
   * What is in the house.
   *
   * @param today the day in the household's zone
   * @param kinds how long each kind lasts
   * @param versions the version of each bottle or pack, for counting it anew
   */
  public record Stock(LocalDate today, List<StockOutlook> kinds, Map<UUID, Integer> versions) {}

  /** The current household's stock. */
  @Transactional(readOnly = true)
  public Stock stock() {
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    UUID household = CurrentMember.household();
    List<Dog> here = dogs.ofHousehold(household);
    List<DogRecord> all = records.of(here, dogs.archived(household));
    List<DogRecord> present = all.subList(0, here.size());
    List<DogPlan> plans = making.plans(PlanMaking.histories(present, today), how, today).plans();
    return new Stock(today, outlooks(all, plans, how, today), supplies.versions());
  }

  /**
   * The same, where records and plans are at hand.
   *
   * @param all the dogs, those that have left included: what they used stays used
   * @param plans those of the dogs that are here
   */
  List<StockOutlook> outlooks(
      List<DogRecord> all, List<DogPlan> plans, Settings how, LocalDate today) {
    return HouseholdStock.outlooks(all, plans, supplies.all(), how.ways(), today);
  }
}
