package org.mildlantern.app.today;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.zip.CRC32;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.AnsweredAt;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Admission;
import org.mildlantern.core.journal.Work;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Takes what a form says once, from whatever window or after however long without a line.
 *
 * <p>An answer of the round comes with a {@code key} of its row; {@code plant}, {@code work} and
 * {@code seen} say what its keeper saw when it was given, {@code at} when that was if it had to
 * wait. Where somebody else answered in between, both sides are shown; {@code force} then keeps
 * both, {@code instead} takes the other one back.
 */
@Component
class AnswerGuard implements Admission, HandlerInterceptor, WebMvcConfigurer {
  private static final Duration OLDEST = Duration.ofDays(14);
  private static final Duration AHEAD = Duration.ofMinutes(5);
  private static final String KEY = "[\\w.-]{1,60}";
  private static final Set<String> OF_THE_SENDING =
      Set.of("_csrf", "key", "at", "seen", "force", "instead");
  private static final String CLAIMED = AnswerGuard.class.getName() + ".claimed";

  private final AnswerStore store;
  private final RoundService rounds;
  private final JournalService journal;
  private final Scope scope;

  AnswerGuard(AnswerStore store, RoundService rounds, JournalService journal, Scope scope) {
    this.store = store;
    this.rounds = rounds;
    this.journal = journal;
    this.scope = scope;
  }

  /** The answer with this key was taken before. */
  static final class TakenBefore extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final String ledTo;

    TakenBefore(String ledTo) {
      this.ledTo = ledTo;
    }

    String ledTo() {
      return ledTo;
    }
  }

  /** The answer with this key is being taken at this moment. */
  static final class UnderWay extends RuntimeException {
    private static final long serialVersionUID = 1L;
  }

  /** Somebody else answered since the row was shown. */
  static final class AnsweredByOther extends RuntimeException {
    private static final long serialVersionUID = 1L;
    private final transient Entry other;

    AnsweredByOther(Entry other) {
      this.other = other;
    }

    Entry other() {
      return other;
    }
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).excludePathPatterns("/api/**");
  }

  @Override
  public void admit(HttpServletRequest request) {
    String given = request.getParameter("key");
    if (given == null) {
      return;
    }
    if (!given.matches(KEY)) {
      throw new ResponseStatusException(
          HttpStatus.BAD_REQUEST, "key: 1 to 60 letters, digits, dots and dashes");
    }
    String key = given + "." + whatItSays(request);
    switch (store.claim(key)) {
      case TAKEN_BEFORE -> throw new TakenBefore(store.ledTo(key).orElse("/today"));
      case UNDER_WAY -> throw new UnderWay();
      case OURS -> {}
    }
    request.setAttribute(CLAIMED, key);
    at(request).ifPresent(AnsweredAt::set);
    // Who came in by a key for one thing answers that, and weighs nothing else of the collection.
    if (!Scope.isWhole()) {
      return;
    }
    Long plant = number(request, "plant");
    if (plant != null) {
      store.oneByOne(plant);
    }
    Long instead = number(request, "instead");
    if (instead != null) {
      journal.retract(instead);
    } else if (request.getParameter("force") == null) {
      other(request, plant)
          .ifPresent(
              entry -> {
                throw new AnsweredByOther(entry);
              });
    }
  }

  @Override
  public void handled(HttpServletRequest request, String view) {
    Object key = request.getAttribute(CLAIMED);
    if (key != null && view != null && view.matches("redirect:/.{0,190}")) {
      store.ledTo(key.toString(), view.substring("redirect:".length()));
    }
  }

  /** Another answer from the same form is no second sending of the first. */
  private static String whatItSays(HttpServletRequest request) {
    CRC32 crc = new CRC32();
    new TreeMap<>(request.getParameterMap())
        .forEach(
            (name, values) -> {
              if (!OF_THE_SENDING.contains(name)) {
                crc.update((name + "=" + List.of(values) + "\n").getBytes(StandardCharsets.UTF_8));
              }
            });
    return Long.toHexString(crc.getValue());
  }

  private Optional<Entry> other(HttpServletRequest request, Long plant) {
    Long seen = number(request, "seen");
    return plant == null || seen == null
        ? Optional.empty()
        : Work.of(request.getParameter("work"))
            .flatMap(work -> rounds.answeredSince(plant, seen, work));
  }

  private static Long number(HttpServletRequest request, String name) {
    String text = request.getParameter(name);
    try {
      return text == null || text.isEmpty() ? null : Long.valueOf(text);
    } catch (NumberFormatException e) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, name + ": a number");
    }
  }

  private Optional<Instant> at(HttpServletRequest request) {
    String text = request.getParameter("at");
    if (text == null || text.isEmpty()) {
      return Optional.empty();
    }
    try {
      Instant at = Instant.parse(text);
      Instant now = scope.now();
      if (at.isAfter(now.plus(AHEAD)) || at.isBefore(now.minus(OLDEST))) {
        throw new ResponseStatusException(
            HttpStatus.UNPROCESSABLE_ENTITY,
            "This answer is from a day that has not come, or from more than two weeks ago: is this"
                + " device's clock right?");
      }
      return Optional.of(at.isAfter(now) ? now : at);
    } catch (DateTimeParseException e) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, "at: an instant");
    }
  }

  @Override
  public void postHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler, ModelAndView page) {
    if (page != null
        && request.getAttribute(CLAIMED) != null
        && request.getHeader(Answered.WAITED) != null
        && response.getStatus() < 400) {
      page.clear();
      page.setView((model, in, out) -> out.setStatus(HttpStatus.NO_CONTENT.value()));
    }
  }
}
