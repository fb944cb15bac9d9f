package org.mildlantern.app.treatment;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Notes what may have carried a case's pest. */
@Service
@Transactional
class Carriers {
  private final CaseCarrierRepository carriers;

  Carriers(CaseCarrierRepository carriers) {
    this.carriers = carriers;
  }

  @Transactional(readOnly = true)
  Set<CaseCarrier.Carrier> of(Long caseId) {
    return carriers.of(caseId).stream()
        .map(CaseCarrier::carrier)
        .collect(Collectors.toCollection(() -> EnumSet.noneOf(CaseCarrier.Carrier.class)));
  }

  /** Makes the noted carriers those given. */
  void note(Long caseId, List<CaseCarrier.Carrier> wished) {
    List<CaseCarrier> noted = carriers.of(caseId);
    noted.stream().filter(c -> !wished.contains(c.carrier())).forEach(carriers::delete);
    Set<CaseCarrier.Carrier> known = of(caseId);
    wished.stream()
        .distinct()
        .filter(c -> !known.contains(c))
        .forEach(c -> carriers.save(new CaseCarrier(caseId, c)));
  }
}
