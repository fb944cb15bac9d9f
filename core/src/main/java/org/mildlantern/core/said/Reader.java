package org.mildlantern.core.said;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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

  /** So many signs that may be meant are offered. */
  private static final int OFFERED = 4;

  /** Out of so many of the likeliest. */
  private static final int WEIGHED = 8;

  private static final List<String> AROUND = List.of("around");

  private final Knowledge knowledge;
  private final Tokens words;
  private final Lexicon lexicon;
  private final Spelling spelling;
  private final Matches matches;
  private final Learned learned;
  private final Clauses clauses;
  private final Denial denial;
  private final Statement statement;
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
    this.spelling = new Spelling(knowledge, words, s -> lexicon.isKnown(s) || learned.knows(s));
    this.clauses = new Clauses(knowledge.wording());
    this.denial = new Denial(knowledge.wording(), lexicon::isFiller);
    this.statement = new Statement(knowledge, lexicon, denial);
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
    List<Token> tokens = spelling.mended(words.of(text));
    Said all = Said.of(text, tokens, matches.subjects(tokens), form);
    Reading.Named kind = kinds.in(text, tokens, all.used).orElse(null);
    Amounts.of(text, tokens, today).stream()
        .filter(this::isPossible)
        .filter(told -> !denial.isWished(told.span(), tokens))
        .forEach(all.told::add);
    Likely likely = new Likely(learned, lexicon, clauses, tokens);
    readPhrases(all, likely);
    List<Reading.Seen> maybe = readLearned(all, likely);
    List<Reading.Seen> seen = all.seen;
    seen.addAll(wholes(seen));
    Set<String> present =
        seen.stream()
            .filter(Reading.Seen::present)
            .map(Reading.Seen::sign)
            .collect(Collectors.toSet());
    seen.removeIf(open -> isKnownWhich(open, present));
    return new Reading(kind, once(seen), offered(maybe, seen), List.copyOf(all.told), unread(all));
  }

  /**
   * A text while it is read.
   *
   * @param subjects the part that each word speaks of
   * @param used the numbers of the words that told something
   */
  private record Said(
      String text,
      List<Token> tokens,
      List<String> subjects,
      GrowthForm form,
      Set<Integer> used,
      List<Reading.Told> told,
      List<Reading.Seen> seen) {
    static Said of(String text, List<Token> tokens, List<String> subjects, GrowthForm form) {
      return new Said(
          text, tokens, subjects, form, new HashSet<>(), new ArrayList<>(), new ArrayList<>());
    }

    boolean tells(String field) {
      return told.stream().anyMatch(one -> one.field().equals(field));
    }

    void tell(Match match, double sure) {
      told.add(
          new Reading.Told(match.phrase().id(), match.phrase().told(), match.span(tokens), sure));
      used.addAll(match.at());
    }
  }

  private void readPhrases(Said all, Likely likely) {
    List<Token> tokens = all.tokens;
    Claims claims = new Claims(all.used);
    Map<Object, List<Integer>> last = new HashMap<>();
    for (Match match : matches.of(tokens, all.subjects)) {
      boolean twin = match.at().equals(last.get(match.phrase().words()));
      boolean taken = !twin && claims.hold(match, i -> isShared(tokens.get(i)));
      boolean circumstance = match.phrase().told() != null;
      if (taken && !circumstance && !isOfThePlace(match.phrase())) {
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
      if (!isToldOfToday(match, all)) {
        all.used.addAll(match.at());
        continue;
      }
      boolean denied = denial.of(match, tokens).isPresent();
      if (denial.isTorn(match, tokens) || !denied && likely.isHardly(match)) {
        continue;
      }
      if (circumstance) {
        if (!denied && !all.tells(match.phrase().id())) {
          all.tell(match, likely.sure(match));
          claims.take(match);
        }
      } else if (occurs(match.phrase().id(), all.form) && !isOfAnother(match, claims)) {
        claims.take(match);
        all.used.addAll(match.at());
        last.put(match.phrase().words(), match.at());
        all.seen.add(statement.of(match, tokens, all.form, likely.sure(match)));
      }
    }
  }

  /**
   * Reads what no phrase says.
   *
   * @return what is not likely enough to be read
   */
  private List<Reading.Seen> readLearned(Said all, Likely likely) {
    List<Reading.Seen> maybe = new ArrayList<>();
    for (Likely.Chance chance : likely.chances()) {
      if (maybe.size() >= WEIGHED) {
        break;
      }
      Match match = isNew(chance, all) ? likely.match(chance) : null;
      if (match == null || denial.of(match, all.tokens).isPresent() || !isToldOfToday(match, all)) {
        continue;
      }
      if (chance.isTold()) {
        all.tell(match, likely.sure(chance));
      } else if (!matches.isOfAnotherPart(match, all.subjects)) {
        Reading.Seen one = statement.of(match, all.tokens, all.form, likely.sure(chance));
        if (chance.isUnlikely()) {
          maybe.add(one);
        } else {
          all.seen.add(one);
          all.used.addAll(match.at());
        }
      }
    }
    return maybe;
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
  private boolean isToldOfToday(Match match, Said all) {
    return !denial.isAsked(match, all.text, all.tokens) && !denial.isNoFinding(match, all.tokens);
  }

  /**
   * Whether nothing was said of it; figures, and what other plants have, are read where they stand.
   */
  private boolean isNew(Likely.Chance chance, Said all) {
    if (!chance.isTold()) {
      return occurs(chance.name(), all.form)
          && all.seen.stream().noneMatch(one -> one.sign().equals(chance.name()));
    }
    String field = chance.name().split("=", 2)[0];
    return knowledge.fields().find(field).orElseThrow().isChosen() && !all.tells(field);
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
  private static boolean isKnownWhich(Reading.Seen open, Set<String> present) {
    return open.present() && open.alternatives().stream().anyMatch(present::contains);
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
  private List<Reading.Span> unread(Said all) {
    List<Token> tokens = all.tokens;
    Map<Integer, List<Integer>> clauses = new LinkedHashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      clauses.computeIfAbsent(tokens.get(i).clause(), c -> new ArrayList<>()).add(i);
    }
    List<Reading.Span> unread = new ArrayList<>();
    for (List<Integer> clause : clauses.values()) {
      int from = tokens.get(clause.get(0)).from();
      int to = tokens.get(clause.get(clause.size() - 1)).to();
      boolean read =
          clause.stream().anyMatch(all.used::contains)
              || all.told.stream().anyMatch(t -> t.span().from() < to && t.span().to() > from);
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
