package org.mildlantern.core.reliability;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.json.JsonMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.random.RandomGenerator;
import org.mildlantern.core.knowledge.Knowledge;

/**
 * What was measured on an edition of the knowledge, kept beside it in {@code reliability.json}.
 *
 * @param day when it was measured, ISO date
 * @param edition fingerprint of the knowledge it was measured on
 * @param untuned of the cases to which no number was tuned
 * @param readSeen what is read of the texts that were looked at while words were gathered
 * @param readUnseen the same of those that never were
 * @param misses written cases whose right cause did not lead
 */
public record Measured(
    String day,
    String edition,
    int cases,
    int first,
    int amongThree,
    int severalCases,
    int urgentCases,
    int urgentFound,
    int normalCases,
    int normalLeftAlone,
    Part tuned,
    Part untuned,
    List<Miss> misses,
    Calibration calibration,
    CheckOrder order,
    ReadRate readSeen,
    ReadRate readUnseen) {

  /** How often the right cause led, or was among three, in a part of the cases. */
  public record Part(int cases, int first, int amongThree) {
    static Part of(List<WrittenCase> cases, Knowledge knowledge) {
      HitRate rate = HitRate.of(cases, knowledge);
      return new Part(rate.cases(), rate.first(), rate.amongThree());
    }
  }

  /** A written case that was not hit first, and what led instead. */
  public record Miss(String story, List<String> answers, List<String> instead) {}

  private static final ObjectMapper MAPPER =
      JsonMapper.builder().enable(SerializationFeature.INDENT_OUTPUT).build();

  /** Measures; the larger the number of drawn cases, the longer it takes and the surer it is. */
  public static Measured now(Knowledge knowledge, String day, int drawn, RandomGenerator random) {
    List<WrittenCase> all = WrittenCase.all(knowledge);
    HitRate rate = HitRate.of(all, knowledge);
    return new Measured(
        day,
        knowledge.edition(),
        rate.cases(),
        rate.first(),
        rate.amongThree(),
        rate.severalCases(),
        rate.urgentCases(),
        rate.urgentFound(),
        rate.normalCases(),
        rate.normalLeftAlone(),
        Part.of(all.stream().filter(WrittenCase::tuned).toList(), knowledge),
        Part.of(all.stream().filter(one -> !one.tuned()).toList(), knowledge),
        rate.misses().stream().map(Measured::miss).toList(),
        Calibration.of(knowledge, drawn, random),
        CheckOrder.of(knowledge, drawn, random),
        ReadRate.of(true, knowledge),
        ReadRate.of(false, knowledge));
  }

  /** The same with what is read measured anew, for words change without the knowledge. */
  public Measured reading(Knowledge knowledge) {
    return new Measured(
        day,
        edition,
        cases,
        first,
        amongThree,
        severalCases,
        urgentCases,
        urgentFound,
        normalCases,
        normalLeftAlone,
        tuned,
        untuned,
        misses,
        calibration,
        order,
        ReadRate.of(true, knowledge),
        ReadRate.of(false, knowledge));
  }

  private static Miss miss(HitRate.Miss miss) {
    return new Miss(
        miss.written().story(),
        miss.written().answers(),
        miss.instead().stream().map(ranked -> ranked.cause().id()).toList());
  }

  /** What was last measured and shipped. */
  public static Measured shipped() {
    try (InputStream in = Measured.class.getResourceAsStream("/reliability.json")) {
      return MAPPER.readValue(in, Measured.class);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public String json() {
    try {
      return MAPPER.writeValueAsString(this);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
