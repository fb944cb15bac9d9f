package org.mildlantern.core.air;

import org.mildlantern.core.knowledge.Taxon;

/** How cold a kind bears it for a night, and for minutes on the way. Rules of thumb. */
public final class ColdBorne {
  /** Tender kinds bear nights so much colder than they wish, K. */
  private static final double TENDER_NIGHT = 3;

  private static final double TENDER = 8;

  /** Leaves of kinds of the warm tropics are chilled below this, °C. */
  private static final double CHILLED = 8;

  private static final double WARM = 12;

  /** Leaves of kinds that know no frost are hurt below this, °C. */
  private static final double FROST = 1;

  private ColdBorne() {}

  /** Coldest night that it bears, °C. */
  public static double night(Taxon taxon) {
    double wished = taxon.coldestWished();
    return wished >= TENDER ? wished - TENDER_NIGHT : wished;
  }

  /** Coldest that its leaves bear for some minutes, °C. */
  public static double onTheWay(Taxon taxon) {
    double wished = taxon.coldestWished();
    return wished >= WARM ? CHILLED : Math.min(FROST, wished);
  }
}
