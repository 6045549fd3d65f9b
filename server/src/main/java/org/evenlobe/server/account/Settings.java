package org.evenlobe.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.ZoneId;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.server.account.SettingsRequest.Facing;
import org.evenlobe.server.account.SettingsRequest.Hours;
import org.evenlobe.server.account.SettingsRequest.VolumeUnit;
import org.evenlobe.server.account.SettingsRequest.WeightUnit;
import org.evenlobe.server.fact.StoredFact;

/** How a household likes things; its id is the household's. */
@Entity
public class Settings extends StoredFact<SettingsRequest> {
  private String name;
  private String zone;

  @Enumerated(EnumType.STRING)
  private VolumeUnit volumeUnit;

  @Enumerated(EnumType.STRING)
  private WeightUnit weightUnit;

  @Enumerated(EnumType.STRING)
  private Hours hours;

  @Enumerated(EnumType.STRING)
  private Facing facing;

  @Enumerated(EnumType.STRING)
  private CleaningMethod method;

  @Enumerated(EnumType.STRING)
  private Swabs swabs;

  @Enumerated(EnumType.STRING)
  private WipeMaterial wipes;

  @Enumerated(EnumType.STRING)
  private HairCare hair;

  @Enumerated(EnumType.STRING)
  private MedicineWait medicineWait;

  @Enumerated(EnumType.STRING)
  private SchedulingMode scheduling;

  private int fixedDays;

  @Override
  protected void say(SettingsRequest said) {
    name = said.name().strip();
    zone = said.zone().getId();
    volumeUnit = said.volumeUnit();
    weightUnit = said.weightUnit();
    hours = said.hours();
    facing = said.facing();
    method = said.method();
    swabs = said.swabs();
    wipes = said.wipes();
    hair = said.hair();
    medicineWait = said.medicineWait();
    scheduling = said.scheduling();
    fixedDays = said.fixedDays();
  }

  /** The zone that the household's days are counted in. */
  public ZoneId zone() {
    return ZoneId.of(zone);
  }

  /** How the household likes things done, as the core knows it. */
  public Preferences preferences() {
    return new Preferences(scheduling, fixedDays);
  }

  /** How it cleans, as the core knows it. */
  public CleaningWays ways() {
    return new CleaningWays(method, swabs, wipes, hair, medicineWait);
  }

  /** The same as it was said. */
  SettingsRequest said() {
    return new SettingsRequest(
        name,
        zone(),
        volumeUnit,
        weightUnit,
        hours,
        facing,
        method,
        swabs,
        wipes,
        hair,
        medicineWait,
        scheduling,
        fixedDays);
  }
}
