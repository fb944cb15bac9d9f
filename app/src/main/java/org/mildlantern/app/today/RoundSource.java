package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;

/** A feature with work that belongs on the round. */
public interface RoundSource {

  /** All its work to come, overdue work included, with answers as for today. */
  List<Due> due();

  /** Work on a plant on a day. */
  record Due(LocalDate on, RoundItem item) {}
}
