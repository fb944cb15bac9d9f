package org.mildlantern.core.said;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IntSummaryStatistics;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Sign;

/**
 * Reads what a keeper says.
 *
 * <p>A phrase of the lexicon is found where all its words stand in one clause, close together, and
 * the part it speaks of is the one spoken of there. Phrases of more words go first and take their
 * words; of a part several things may be said. A “no” before it makes it looked for and not there.
 * Where no phrase says it, a clause is weighed by what was learned from other texts; what is read
 * so is less sure.
 *
 * <p>Example: “Edges going brown, no webs, meter says 34 %” gives crisp margins there, webbing not
 * there and a humidity of 34 %.
 */
public final class Reader {
  /** The longest text that is read, in characters. */
  public static final int LONGEST = 4000;

  private static final double DOUBTED = 0.6;

  /** So many signs that may be meant are offered. */
  private static final int OFFERED = 4;

  /** Out of so many of the likeliest. */
  private static final int WEIGHED = 16;

  /** So many words after “all but” name what is left out. */
  private static final int EXCEPTED = 4;

  private static final List<String> AROUND = List.of("around");

  private final Knowledge knowledge;
  private final Tokens words;
  private final Lexicon lexicon;
  private final Matches matches;
  private final Learned learned;
  private final Clauses clauses;
  private final Denial denial;
  private final Kinds kinds;

  public Reader(Knowledge knowledge) {
    this(knowledge, Learned.shipped());
  }

  Reader(Knowledge knowledge, Learned learned) {
    this.knowledge = knowledge;
    this.words = new Tokens(knowledge.wording());
    this.lexicon = new Lexicon(knowledge, words);
    this.matches = new Matches(lexicon, new Parts(knowledge), knowledge.wording());
    this.learned = learned;
    this.clauses = new Clauses(knowledge.wording());
    this.denial = new Denial(knowledge.wording());
    this.kinds = new Kinds(knowledge, lexicon);
  }

  /** The kind that a text names. */
  public Optional<Reading.Named> kind(String said) {
    String text = whatIsRead(said);
    return kinds.in(text, words.of(text), new HashSet<>());
  }

  /** The stems of a text's words that say something. */
  public Set<String> stems(String text) {
    return words.of(whatIsRead(text)).stream()
        .map(Token::stem)
        .filter(stem -> !lexicon.isFiller(stem))
        .collect(Collectors.toSet());
  }

  /** The stems of all words that a sign is said with, by sign. */
  public Map<String, Set<String>> wordsBySign() {
    return lexicon.wordsBySign();
  }

  private static String whatIsRead(String said) {
    return said.length() > LONGEST ? said.substring(0, LONGEST) : said;
  }

  /**
   * Reads a text; what lies beyond {@value #LONGEST} characters is left out.
   *
   * @param form the growth form of the plant, or null when it is not known
   */
  public Reading read(String said, GrowthForm form) {
    return read(said, form, null);
  }

  /**
   * Reads a text; what lies beyond {@value #LONGEST} characters is left out.
   *
   * @param form the growth form of the plant, or null when it is not known
   * @param today from which a day that it names is counted, or null when it is not known
   */
  public Reading read(String said, GrowthForm form, LocalDate today) {
    String text = whatIsRead(said);
    List<Token> tokens = words.of(text);
    Set<Integer> used = new HashSet<>();
    Reading.Named kind = kinds.in(text, tokens, used).orElse(null);
    List<Reading.Told> told =
        new ArrayList<>(Amounts.of(text, tokens, today).stream().filter(this::isPossible).toList());
    List<Reading.Seen> seen = new ArrayList<>();
    Claims claims = new Claims(used);
    Likely likely = new Likely(learned, lexicon, clauses, tokens);
    Map<Object, List<Integer>> last = new HashMap<>();
    for (Match match : matches.of(tokens)) {
      boolean twin = match.at().equals(last.get(match.phrase().words()));
      boolean taken = !twin && claims.hold(match, i -> isShared(tokens.get(i)));
      String id = match.phrase().id();
      if (taken && match.phrase().told() == null && !isOfThePlace(match.phrase())) {
        if (claims.allow(match)) {
          claims.take(match);
          last.put(match.phrase().words(), match.at());
        }
        continue;
      }
      if (match.phrase().isIdiom()) {
        claims.take(match);
        continue;
      }
      if (!isToldOfToday(match, text, tokens)) {
        used.addAll(match.at());
        continue;
      }
      if (denial.isTorn(match, tokens)) {
        continue;
      }
      if (match.phrase().told() != null) {
        if (denial.of(match, tokens).isEmpty()
            && !likely.isHardly(match)
            && told.stream().noneMatch(t -> t.field().equals(id))) {
          told.add(new Reading.Told(id, match.phrase().told(), match.span(tokens)));
          claims.take(match);
          used.addAll(match.at());
        }
        continue;
      }
      if (!occurs(id, form)
          || isOfAnother(match, claims)
          || denial.of(match, tokens).isEmpty() && likely.isHardly(match)) {
        continue;
      }
      claims.take(match);
      used.addAll(match.at());
      last.put(match.phrase().words(), match.at());
      seen.add(seen(match, tokens, form, likely.sure(match)));
    }
    List<Reading.Seen> maybe = new ArrayList<>();
    for (Likely.Chance chance : likely.chances()) {
      if (maybe.size() == WEIGHED) {
        break;
      }
      if (!isNew(chance, form, seen, told)) {
        continue;
      }
      Match match = likely.match(chance);
      if (!denial.of(match, tokens).isEmpty() || !isToldOfToday(match, text, tokens)) {
        continue;
      }
      if (chance.isTold()) {
        told.add(new Reading.Told(match.phrase().id(), match.phrase().told(), match.span(tokens)));
        used.addAll(match.at());
      } else if (!matches.isOfAnotherPart(match, tokens)) {
        Reading.Seen one = seen(match, tokens, form, likely.sure(chance));
        if (likely.isFree(chance, match, used)) {
          seen.add(one);
          used.addAll(match.at());
        } else {
          maybe.add(one);
        }
      }
    }
    seen.addAll(wholes(seen));
    List<Reading.Seen> all = List.copyOf(seen);
    seen.removeIf(open -> isKnownWhich(open, all));
    return new Reading(
        kind, once(seen), offered(maybe, seen), List.copyOf(told), unread(tokens, used, told));
  }

  /** Signs that were not read, nor will be asked for by an open word. */
  private List<Reading.Seen> offered(List<Reading.Seen> maybe, List<Reading.Seen> seen) {
    return once(maybe).stream()
        .filter(one -> knowledge.signs().find(one.sign()).isPresent())
        .filter(one -> seen.stream().noneMatch(s -> s.sign().equals(one.sign())))
        .filter(one -> seen.stream().noneMatch(s -> s.alternatives().contains(one.sign())))
        .sorted(Comparator.comparingDouble(Reading.Seen::sure).reversed())
        .limit(OFFERED)
        .toList();
  }

  /** Whether it is no question, wish or old story. */
  private boolean isToldOfToday(Match match, String text, List<Token> tokens) {
    return !denial.isAsked(match, text, tokens) && !denial.isNoFinding(match, tokens);
  }

  /** Whether nothing was said of it; figures are read where they stand. */
  private boolean isNew(
      Likely.Chance chance, GrowthForm form, List<Reading.Seen> seen, List<Reading.Told> told) {
    if (!chance.isTold()) {
      return occurs(chance.name(), form)
          && seen.stream().noneMatch(one -> one.sign().equals(chance.name()));
    }
    String field = chance.name().split("=", 2)[0];
    return !knowledge.fields().find(field).orElseThrow().numeric()
        && told.stream().noneMatch(one -> one.field().equals(field));
  }

  /** What lies outside of its field's range was not meant so. */
  private boolean isPossible(Reading.Told told) {
    ContextField field = knowledge.fields().find(told.field()).orElseThrow();
    return !(told.value() instanceof Reading.Figure figure)
        || (field.min() == null || figure.number() >= field.min())
            && (field.max() == null || figure.number() <= field.max());
  }

  /** “Flecks” in “white woolly flecks” tells nothing of its own. */
  private boolean isOfAnother(Match match, Claims claims) {
    return knowledge.openWords().has(match.phrase().id())
        && match.span() == 0
        && claims.touch(match);
  }

  /** What stands round a plant is said in the words of what it did to the plant. */
  private boolean isOfThePlace(Lexicon.Phrase phrase) {
    return knowledge.signs().find(phrase.id()).filter(s -> s.patterns().equals(AROUND)).isPresent();
  }

  /** An open word tells nothing more once one of the signs that it can mean was read. */
  private static boolean isKnownWhich(Reading.Seen open, List<Reading.Seen> seen) {
    return open.present()
        && seen.stream().anyMatch(one -> one.present() && open.alternatives().contains(one.sign()));
  }

  /** A trait that is there says that its sign is. */
  private List<Reading.Seen> wholes(List<Reading.Seen> seen) {
    List<Reading.Seen> wholes = new ArrayList<>();
    for (Reading.Seen trait : seen) {
      String whole = knowledge.signs().find(trait.sign()).map(Sign::of).orElse(null);
      if (whole != null && trait.present()) {
        wholes.add(
            new Reading.Seen(whole, trait.pattern(), true, trait.span(), trait.sure(), List.of()));
      }
    }
    return wholes;
  }

  /** Words that name a part or a place may belong to several phrases. */
  private boolean isShared(Token token) {
    return !lexicon.subjects(token.stem()).isEmpty() || !lexicon.places(token.stem()).isEmpty();
  }

  private boolean occurs(String word, GrowthForm form) {
    return form == null || knowledge.occurs(word, null, form);
  }

  private Reading.Seen seen(Match match, List<Token> tokens, GrowthForm form, double sure) {
    String id = match.phrase().id();
    OptionalInt denied = denial.of(match, tokens);
    boolean present = denied.isEmpty();
    double meant = present ? sure : 1;
    String pattern = present ? pattern(id, match, tokens, form) : null;
    List<String> alternatives =
        knowledge.openWords().find(id).stream().flatMap(word -> word.meant().stream()).toList();
    return new Reading.Seen(
        id,
        pattern,
        present,
        span(match, tokens, denied, pattern != null),
        denial.isDoubted(match, tokens) ? Math.min(meant, DOUBTED) : meant,
        alternatives);
  }

  /** From the first to the last word that says it, with the no and the place. */
  private Reading.Span span(Match match, List<Token> tokens, OptionalInt denied, boolean placed) {
    int clause = tokens.get(match.first()).clause();
    IntStream words = IntStream.concat(IntStream.of(match.first(), match.last()), denied.stream());
    IntStream places =
        (placed ? match.clause(tokens) : IntStream.empty())
            .filter(i -> !lexicon.places(tokens.get(i).stem()).isEmpty());
    IntSummaryStatistics all = IntStream.concat(words, places).summaryStatistics();
    int last = all.getMax();
    boolean names =
        last + 1 < tokens.size()
            && tokens.get(last + 1).clause() == clause
            && !lexicon.subjects(tokens.get(last + 1).stem()).isEmpty();
    return new Reading.Span(
        tokens.get(all.getMin()).from(), tokens.get(names ? last + 1 : last).to());
  }

  /** The place of the sign that the clause names, if the sign can sit there. */
  private String pattern(String id, Match match, List<Token> tokens, GrowthForm form) {
    List<String> can =
        knowledge.meant(id, null).stream()
            .filter(node -> form == null || knowledge.occursOn(node, form))
            .map(node -> node.pattern().id())
            .distinct()
            .toList();
    if (can.size() < 2) {
      return can.isEmpty() || knowledge.openWords().has(id) ? null : can.get(0);
    }
    Set<String> said = new LinkedHashSet<>();
    int spared = 0;
    for (int i : match.clause(tokens).toArray()) {
      Token token = tokens.get(i);
      spared = denial.isExcept(token) ? EXCEPTED : spared - 1;
      if (spared > 0) {
        said.add("all-leaves");
        continue;
      }
      said.addAll(lexicon.places(token.stem()));
      if (token.word().equals("leaf")) {
        said.add("oldest-only");
      }
    }
    boolean old = said.contains("old-leaves");
    if (old && said.contains("oldest-only") && can.contains("oldest-only")) {
      return "oldest-only";
    }
    if (old && can.contains("lower-leaves")) {
      return "lower-leaves";
    }
    return can.stream()
        .filter(said::contains)
        .filter(p -> !p.equals("oldest-only"))
        .min(Comparator.comparing(this::isWhole))
        .orElse(null);
  }

  /** Where on a leaf tells more than on which leaves. */
  private boolean isWhole(String pattern) {
    return knowledge.patterns().find(pattern).orElseThrow().overlay().equals("fill");
  }

  /** The same sign said twice is one finding; a place said wins over none. */
  private static List<Reading.Seen> once(List<Reading.Seen> seen) {
    Map<String, Reading.Seen> bySign = new LinkedHashMap<>();
    for (Reading.Seen one : seen) {
      bySign.merge(
          one.sign(),
          one,
          (first, next) -> {
            if (first.present() != next.present()) {
              return first.present() ? first : next;
            }
            double sure = Math.max(first.sure(), next.sure());
            return (first.pattern() == null ? next : first).with(sure);
          });
    }
    return bySign.values().stream()
        .sorted(Comparator.comparingInt(one -> one.span().from()))
        .toList();
  }

  /** Clauses that say something of which nothing was understood. */
  private List<Reading.Span> unread(
      List<Token> tokens, Set<Integer> used, List<Reading.Told> told) {
    Map<Integer, List<Integer>> clauses = new LinkedHashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      clauses.computeIfAbsent(tokens.get(i).clause(), c -> new ArrayList<>()).add(i);
    }
    List<Reading.Span> unread = new ArrayList<>();
    for (List<Integer> clause : clauses.values()) {
      int from = tokens.get(clause.get(0)).from();
      int to = tokens.get(clause.get(clause.size() - 1)).to();
      boolean read =
          clause.stream().anyMatch(used::contains)
              || told.stream().anyMatch(t -> t.span().from() < to && t.span().to() > from);
      boolean says =
          clause.stream()
              .map(tokens::get)
              .anyMatch(t -> !lexicon.isFiller(t.stem()) && lexicon.subjects(t.stem()).isEmpty());
      if (!read && says) {
        unread.add(new Reading.Span(from, to));
      }
    }
    return unread;
  }
}
