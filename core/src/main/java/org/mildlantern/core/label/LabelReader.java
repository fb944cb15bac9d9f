package org.mildlantern.core.label;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.label.LabelReading.Ambiguous;
import org.mildlantern.core.label.LabelReading.Read;
import org.mildlantern.core.label.LabelReading.Refused;
import org.mildlantern.core.words.Words;

/**
 * Reads rates as labels print them. Whatever a text leaves open (what its points and commas are,
 * whose gallon, which ounce) is tried each way; when the ways come to different amounts, all are
 * given back and none is chosen.
 */
public final class LabelReader {
  /** Longer than this no label line is. */
  public static final int LONGEST = 200;

  private static final Words WORDS = Words.of(LabelReader.class);

  private static final Set<String> AMERICAN = Set.of("us", "usa", "american");
  private static final Set<String> BRITISH = Set.of("imperial", "imp", "uk", "british");

  private LabelReader() {}

  /**
   * Reads a rate.
   *
   * @param text as printed
   * @param product what the product is
   * @param region where the label is from, or null when that is not known
   */
  public static LabelReading read(String text, Product product, Region region) {
    String printed = text == null ? "" : text.strip();
    if (printed.isEmpty() || printed.length() > LONGEST) {
      return new Refused(WORDS.say(printed.isEmpty() ? "label.empty" : "label.long", LONGEST));
    }
    try {
      return read(printed, Token.of(printed), product, region);
    } catch (Refusal refusal) {
      return refused(refusal);
    }
  }

  private static LabelReading read(
      String printed, List<Token> tokens, Product product, Region region) {
    List<LabelRate> rates = new ArrayList<>();
    Refusal why = null;
    for (Setting setting : settings(new Cursor(tokens), product, region)) {
      try {
        add(rates, new Grammar(printed, tokens, setting).label());
      } catch (Refusal refusal) {
        why = why == null || isVague(why) ? refusal : why;
      }
    }
    if (rates.isEmpty()) {
      return refused(why);
    }
    if (rates.stream().noneMatch(LabelRate::possible)) {
      return new Refused(WORDS.say("label.too-much", LabelRate.MOST));
    }
    return rates.size() == 1 ? new Read(rates.get(0)) : new Ambiguous(List.copyOf(rates));
  }

  private static boolean isVague(Refusal why) {
    return Set.of("label.unread", "label.number").contains(why.getMessage());
  }

  /** Of readings that come to the same the careful one stays. */
  private static void add(List<LabelRate> rates, LabelRate rate) {
    for (int i = 0; i < rates.size(); i++) {
      if (rates.get(i).like(rate)) {
        if (rate.most() < rates.get(i).most()) {
          rates.set(i, rate);
        }
        return;
      }
    }
    rates.add(rate);
  }

  private static LabelReading refused(Refusal why) {
    return new Refused(WORDS.say(why.getMessage(), why.values()));
  }

  private static List<Setting> settings(Cursor text, Product product, Region region) {
    List<Boolean> fluid =
        switch (product) {
          case LIQUID -> List.of(true);
          case POWDER -> List.of(false);
          case UNKNOWN -> List.of(true, false);
        };
    List<Setting> settings = new ArrayList<>();
    for (Notation notation : Notation.values()) {
      for (Region one : regions(text, region)) {
        for (boolean liquid : fluid) {
          settings.add(new Setting(notation, one, liquid, product == Product.POWDER));
        }
      }
    }
    return settings;
  }

  private static List<Region> regions(Cursor text, Region region) {
    if (text.has(AMERICAN)) {
      return List.of(Region.US);
    }
    if (text.has(BRITISH)) {
      return List.of(Region.UK);
    }
    if (region == null) {
      return List.of(Region.US, Region.UK, Region.AU);
    }
    return region == Region.EU && text.hasUnit(Unit::ofGallon)
        ? List.of(Region.US, Region.UK)
        : List.of(region);
  }
}
