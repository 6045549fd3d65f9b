package org.evenlobe.server.dog;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Optional;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays.OwnWays;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;
import org.jspecify.annotations.Nullable;

/** The columns of what is done differently with one dog; all null where nothing is. */
@Embeddable
class OwnWaysColumns {
  @Enumerated(EnumType.STRING)
  @Column(name = "own_method")
  private @Nullable CleaningMethod method;

  @Enumerated(EnumType.STRING)
  @Column(name = "own_swabs")
  private @Nullable Swabs swabs;

  @Enumerated(EnumType.STRING)
  @Column(name = "own_wipes")
  private @Nullable WipeMaterial wipes;

  @Enumerated(EnumType.STRING)
  @Column(name = "own_hair")
  private @Nullable HairCare hair;

  @Enumerated(EnumType.STRING)
  @Column(name = "own_medicine_wait")
  private @Nullable MedicineWait medicineWait;

  static OwnWaysColumns of(OwnWays ways) {
    OwnWaysColumns columns = new OwnWaysColumns();
    columns.method = ways.method().orElse(null);
    columns.swabs = ways.swabs().orElse(null);
    columns.wipes = ways.wipes().orElse(null);
    columns.hair = ways.hair().orElse(null);
    columns.medicineWait = ways.medicineWait().orElse(null);
    return columns;
  }

  /** The same as the core knows it; Hibernate gives null for columns that are all null. */
  static OwnWays toCore(@Nullable OwnWaysColumns columns) {
    return columns == null
        ? OwnWays.NONE
        : new OwnWays(
            Optional.ofNullable(columns.method),
            Optional.ofNullable(columns.swabs),
            Optional.ofNullable(columns.wipes),
            Optional.ofNullable(columns.hair),
            Optional.ofNullable(columns.medicineWait));
  }
}
