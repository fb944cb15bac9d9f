package org.mildlantern.app.frame;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.today.WorkCounts;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Parts;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Units;
import org.mildlantern.core.words.Words;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.util.WebUtils;
import org.thymeleaf.context.LazyContextVariable;

/** Gives every whole page its ribbon and shelf, and every template its words for days. */
@ControllerAdvice(annotations = Controller.class)
class FrameAdvice {
  /** Cookie with what the shelf showed last. */
  private static final Words WORDS = Words.of(FrameAdvice.class);

  static final String SHELF = "shelf";

  private static final int PAST = 4;
  private static final int AHEAD = 9;
  private static final Pattern PLANT = Pattern.compile(".*/plants/(\\d{1,18})(?:\\D.*)?");
  private final RoundService rounds;
  private final WorkCounts work;
  private final CollectionMemo memo;
  private final Scope scope;
  private final ShelfMaker shelves;
  private final Parts parts;

  FrameAdvice(
      RoundService rounds,
      WorkCounts work,
      ShelfMaker shelves,
      Parts parts,
      CollectionMemo memo,
      Scope scope) {
    this.parts = parts;
    this.shelves = shelves;
    this.memo = memo;
    this.rounds = rounds;
    this.work = work;
    this.scope = scope;
  }

  @ModelAttribute("days")
  Days days(@AuthenticationPrincipal SignedIn keeper) {
    return keeper == null ? null : new Days(scope.today(), keeper.zone());
  }

  @ModelAttribute("units")
  Units units() {
    return Scope.units();
  }

  @ModelAttribute("path")
  String path(HttpServletRequest request) {
    return request.getRequestURI();
  }

  @ModelAttribute("frame")
  LazyContextVariable<FrameView> frame(
      HttpServletRequest request,
      HttpServletResponse response,
      @AuthenticationPrincipal SignedIn keeper) {
    boolean fragment = Htmx.asks(request);
    boolean posted = request.getMethod().equals("POST") && !isLook(request);
    if (fragment && (posted || request.getRequestURI().equals("/today"))) {
      response.setHeader("HX-Trigger-After-Settle", "kept");
    }
    return new LazyContextVariable<>() {
      @Override
      protected FrameView loadValue() {
        return fragment || !Scope.isWhole() ? null : build(request, keeper, kept(request));
      }
    };
  }

  /** What the shelf showed last in this browser. */
  static Shelf.Choice kept(HttpServletRequest request) {
    Cookie cookie = WebUtils.getCookie(request, SHELF);
    return Shelf.Choice.of(cookie == null ? null : cookie.getValue());
  }

  /** Marking signs changes neither ribbon nor lamps. */
  private static boolean isLook(HttpServletRequest request) {
    return request.getRequestURI().contains("/diagnose/");
  }

  FrameView build(HttpServletRequest request, SignedIn keeper, Shelf.Choice choice) {
    Board board = rounds.board();
    LocalDate today = board.today();
    LocalDate first = today.minusDays(PAST);
    LocalDate last = today.plusDays(AHEAD);
    LocalDate shown = shownDay(request, today);
    boolean there = !shown.isBefore(first) && !shown.isAfter(last);
    String days =
        memo.once(
            there ? "ribbon " + shown : "ribbon",
            () -> ribbon(work.of(board, first, last), today, shown));
    String shownUrl = request.getHeader(Htmx.SHOWN);
    Matcher plant = PLANT.matcher(shownUrl == null ? request.getRequestURI() : shownUrl);
    String shelf =
        shelves.shelf(board, choice, plant.matches() ? Long.valueOf(plant.group(1)) : null);
    return new FrameView(
        keeper.collectionName(),
        keeper.name(),
        keeper.isGuest(),
        keeper.keeperId(),
        scope.now(),
        today,
        days,
        shelf);
  }

  private String ribbon(
      Map<LocalDate, Map<Work, Integer>> counts, LocalDate today, LocalDate shown) {
    List<FrameView.Day> days =
        counts.entrySet().stream().map(e -> day(e.getKey(), e.getValue(), today, shown)).toList();
    return parts.of("frame/ribbon", Map.of("days", days, "today", today));
  }

  private static LocalDate shownDay(HttpServletRequest request, LocalDate today) {
    if (!request.getRequestURI().equals("/today")) {
      return today;
    }
    try {
      String day = request.getParameter("day");
      return day == null ? today : LocalDate.parse(day);
    } catch (DateTimeParseException e) {
      return today;
    }
  }

  private static FrameView.Day day(
      LocalDate date, Map<Work, Integer> counts, LocalDate today, LocalDate shown) {
    List<FrameView.Count> shapes =
        counts.entrySet().stream()
            .map(
                e ->
                    new FrameView.Count(
                        e.getKey().shape(),
                        e.getValue(),
                        WORDS.say("work", e.getKey().name(), e.getValue())))
            .toList();
    String when = date.equals(today) ? "today" : date.isBefore(today) ? "past" : "ahead";
    return new FrameView.Day(
        date,
        Days.near(date).substring(0, 3),
        date.getDayOfMonth(),
        Days.spoken(date),
        when,
        date.equals(shown),
        shapes);
  }
}
