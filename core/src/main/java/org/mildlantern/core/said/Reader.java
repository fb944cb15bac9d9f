package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.knowledge.Taxon;

/**
 * Reads what a keeper says.
 *
 * <p>A phrase of the lexicon is found where all its words stand in one clause, close together, and
 * the part it speaks of is the one spoken of there. Phrases of more words go first and take their
 * words; of a part several things may be said. A “no” before it makes it looked for and not there.
 *
 * <p>Example: “Edges going brown, no webs, meter says 34 %” gives crisp margins there, webbing not
 * there and a humidity of 34 %.
 */
public final class Reader {
  /** The longest text that is read, in characters. */
  public static final int LONGEST = 4000;

  /** Words further apart than this many besides their number do not belong together. */
  private static final int SLACK = 6;

  private static final int NEGATION_REACH = 5;
  private static final int NAME_WORDS = 4;
  private static final double DOUBTED = 0.6;

  private static final Set<String> NO =
      Set.of(
          "no",
          "not",
          "never",
          "without",
          "none",
          "nor",
          "neither",
          "can't",
          "cannot",
          "isn't",
          "aren't",
          "don't",
          "doesn't",
          "didn't",
          "wasn't",
          "haven't",
          "hasn't",
          "couldn't",
          "can’t",
          "isn’t",
          "aren’t",
          "don’t",
          "doesn’t",
          "didn’t",
          "haven’t",
          "hasn’t",
          "couldn’t");
  private static final List<String> AROUND = List.of("around");
  private static final Set<String> NOT_AFTER = Set.of("absent", "negative", "unremarkable");
  private static final Set<String> DOUBT =
      Set.of("maybe", "perhaps", "possibly", "might", "guess", "suspect", "suspected", "probably");
  private static final Set<String> ASKING = Set.of("is", "are", "should", "could", "can", "did");

  private final Knowledge knowledge;
  private final Lexicon lexicon;

  /** Kinds by all their names and by their genus, in plain letters. */
  private final Map<String, Taxon> kinds = new HashMap<>();

  public Reader(Knowledge knowledge) {
    this.knowledge = knowledge;
    this.lexicon = new Lexicon(knowledge);
    for (Taxon taxon : knowledge.taxa()) {
      names(taxon).forEach(name -> kinds.putIfAbsent(plain(name), taxon));
    }
    for (Taxon taxon : knowledge.taxa()) {
      Stream.concat(Stream.of(taxon.name()), taxon.synonyms().stream())
          .map(name -> plain(name).split(" ", 2)[0])
          .forEach(
              genus ->
                  knowledge.taxonNamed(genus).ifPresent(kind -> kinds.putIfAbsent(genus, kind)));
    }
  }

  private static Stream<String> names(Taxon taxon) {
    return Stream.of(List.of(taxon.name()), taxon.synonyms(), taxon.common()).flatMap(List::stream);
  }

  private static String plain(String name) {
    return name.replace('-', ' ').toLowerCase(Locale.ROOT);
  }

  /** A phrase with the words of the text that make it. */
  private record Match(Lexicon.Phrase phrase, List<Integer> at) {
    int first() {
      return at.stream().mapToInt(Integer::intValue).min().orElseThrow();
    }

    int last() {
      return at.stream().mapToInt(Integer::intValue).max().orElseThrow();
    }

    int span() {
      return last() - first();
    }
  }

  /**
   * Reads a text; what lies beyond {@value #LONGEST} characters is left out.
   *
   * @param form the growth form of the plant, or null when it is not known
   */
  public Reading read(String said, GrowthForm form) {
    String text = said.length() > LONGEST ? said.substring(0, LONGEST) : said;
    List<Token> tokens = Tokens.of(text);
    Set<Integer> used = new HashSet<>();
    Reading.Named kind = kind(text, tokens, used).orElse(null);
    List<Reading.Told> told =
        new ArrayList<>(Amounts.of(text, tokens).stream().filter(this::isPossible).toList());
    List<String> subjects = subjects(tokens);
    List<Reading.Seen> seen = new ArrayList<>();
    Set<Integer> claimed = new HashSet<>();
    for (Match match : matches(tokens, subjects)) {
      boolean taken =
          match.at.stream().anyMatch(i -> claimed.contains(i) && !isShared(tokens.get(i)));
      if (taken && !isOfThePlace(match.phrase.id())) {
        continue;
      }
      if (isAsked(match, text, tokens)) {
        used.addAll(match.at);
        continue;
      }
      String id = match.phrase.id();
      int is = id.indexOf('=');
      if (is >= 0) {
        if (!negated(match, tokens)
            && told.stream().noneMatch(t -> t.field().equals(id.substring(0, is)))) {
          told.add(
              new Reading.Told(id.substring(0, is), id.substring(is + 1), span(match, tokens)));
          claimed.addAll(match.at);
          used.addAll(match.at);
        }
        continue;
      }
      if (!occurs(id, form)) {
        continue;
      }
      claimed.addAll(match.at);
      used.addAll(match.at);
      seen.add(seen(match, tokens, form));
    }
    seen.addAll(wholes(seen));
    List<Reading.Seen> all = List.copyOf(seen);
    seen.removeIf(open -> isKnownWhich(open, all));
    return new Reading(kind, once(seen), List.copyOf(told), unread(tokens, used, told));
  }

  /** What lies outside of its field's range was not meant so. */
  private boolean isPossible(Reading.Told told) {
    ContextField field = knowledge.fields().find(told.field()).orElseThrow();
    double value = Double.parseDouble(told.value());
    return (field.min() == null || value >= field.min())
        && (field.max() == null || value <= field.max());
  }

  /** What stands round a plant is said in the words of what it did to the plant. */
  private boolean isOfThePlace(String id) {
    return knowledge.signs().find(id).filter(s -> s.patterns().equals(AROUND)).isPresent();
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

  private List<Match> matches(List<Token> tokens, List<String> subjects) {
    Map<Integer, Map<String, List<Integer>>> byClause = new HashMap<>();
    Map<Integer, Map<String, List<Integer>>> bySentence = new HashMap<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      index(byClause, token.clause(), token.stem(), i);
      index(bySentence, token.sentence(), token.stem(), i);
    }
    Set<Match> found = new LinkedHashSet<>();
    for (int i = 0; i < tokens.size(); i++) {
      Token token = tokens.get(i);
      for (Lexicon.Phrase phrase : lexicon.phrases(token.stem())) {
        match(
                phrase,
                i,
                phrase.isTold() ? bySentence.get(token.sentence()) : byClause.get(token.clause()))
            .filter(m -> speaksOf(m, tokens, subjects))
            .ifPresent(found::add);
      }
    }
    return found.stream()
        .sorted(
            Comparator.comparingDouble((Match m) -> -m.phrase.weight())
                .thenComparingInt(Match::span)
                .thenComparingInt(Match::first))
        .toList();
  }

  private static void index(
      Map<Integer, Map<String, List<Integer>>> index, int part, String stem, int at) {
    index
        .computeIfAbsent(part, p -> new HashMap<>())
        .computeIfAbsent(stem, s -> new ArrayList<>())
        .add(at);
  }

  /** The phrase around a word, each of its items by the nearest word that will do. */
  private static Optional<Match> match(
      Lexicon.Phrase phrase, int around, Map<String, List<Integer>> clause) {
    List<Integer> at = new ArrayList<>();
    for (Set<String> item : phrase.items()) {
      int best = -1;
      for (String stem : item) {
        for (int position : clause.getOrDefault(stem, List.of())) {
          boolean nearer = best < 0 || Math.abs(position - around) < Math.abs(best - around);
          if (nearer && !at.contains(position)) {
            best = position;
          }
        }
      }
      if (best < 0) {
        return Optional.empty();
      }
      at.add(best);
    }
    Match match = new Match(phrase, List.copyOf(at));
    return match.span() <= phrase.items().size() - 1 + SLACK
        ? Optional.of(match)
        : Optional.empty();
  }

  /**
   * The part that each word speaks of: the next word's when that names one, else the last one named
   * before it, else the next.
   */
  private List<String> subjects(List<Token> tokens) {
    List<String> subjects = new ArrayList<>();
    String last = "";
    for (int i = 0; i < tokens.size(); i++) {
      String own = subject(tokens.get(i));
      String next =
          i + 1 < tokens.size() && tokens.get(i + 1).clause() == tokens.get(i).clause()
              ? subject(tokens.get(i + 1))
              : "";
      if (!own.isEmpty()) {
        last = own;
      }
      subjects.add(!own.isEmpty() ? own : !next.isEmpty() ? next : last);
    }
    return subjects;
  }

  private String subject(Token token) {
    return lexicon.subjects(token.stem()).stream()
        .filter(name -> !name.equals("plant") && !name.equals("water"))
        .findFirst()
        .orElse("");
  }

  private boolean speaksOf(Match match, List<Token> tokens, List<String> subjects) {
    String wanted = match.phrase.subject();
    if (wanted == null) {
      return true;
    }
    if (wanted.equals("plant")) {
      return match.at.stream()
          .allMatch(i -> subjects.get(i).isEmpty() || subjects.get(i).equals("leaf"));
    }
    return match.at.stream()
            .anyMatch(i -> subjects.get(i).equals(wanted) && subject(tokens.get(i)).isEmpty())
        || match.at.stream().allMatch(i -> subjects.get(i).equals(wanted));
  }

  private boolean occurs(String word, GrowthForm form) {
    return form == null
        || knowledge.meant(word, null).stream().anyMatch(node -> knowledge.occursOn(node, form));
  }

  private boolean negated(Match match, List<Token> tokens) {
    int clause = tokens.get(match.first()).clause();
    for (int i = match.first() - 1; i >= 0 && i >= match.first() - NEGATION_REACH; i--) {
      Token token = tokens.get(i);
      if (token.clause() != clause) {
        break;
      }
      boolean only = i + 1 < tokens.size() && tokens.get(i + 1).stem().equals("only");
      if (NO.contains(token.stem()) && !match.at.contains(i) && !only) {
        return true;
      }
    }
    for (int i = match.last() + 1; i < tokens.size() && i <= match.last() + 4; i++) {
      Token token = tokens.get(i);
      if (token.clause() != clause) {
        return false;
      }
      boolean found =
          i + 1 < tokens.size()
              && Set.of("find", "see", "found").contains(tokens.get(i + 1).stem());
      boolean out = token.stem().equals("rule");
      if (NOT_AFTER.contains(token.stem()) || out || NO.contains(token.stem()) && found) {
        return true;
      }
    }
    return false;
  }

  /** “Is it too wet?” asks and tells nothing. */
  private static boolean isAsked(Match match, String text, List<Token> tokens) {
    int sentence = tokens.get(match.first()).sentence();
    int first = match.first();
    while (first > 0 && tokens.get(first - 1).sentence() == sentence) {
      first--;
    }
    int last = match.last();
    while (last + 1 < tokens.size() && tokens.get(last + 1).sentence() == sentence) {
      last++;
    }
    int end = tokens.get(last).to();
    String after =
        text.substring(end, last + 1 < tokens.size() ? tokens.get(last + 1).from() : text.length());
    String begins =
        text.substring(tokens.get(first).from(), tokens.get(first).to()).toLowerCase(Locale.ROOT);
    return after.contains("?") && ASKING.contains(begins) && last - first < 7;
  }

  private Reading.Seen seen(Match match, List<Token> tokens, GrowthForm form) {
    String id = match.phrase.id();
    boolean present = !negated(match, tokens);
    int clause = tokens.get(match.first()).clause();
    boolean doubted =
        tokens.stream().anyMatch(t -> t.clause() == clause && DOUBT.contains(t.stem()));
    List<String> alternatives =
        knowledge.openWords().find(id).stream().flatMap(word -> word.meant().stream()).toList();
    return new Reading.Seen(
        id,
        present ? pattern(id, match, tokens, form) : null,
        present,
        span(match, tokens),
        doubted ? DOUBTED : 1,
        alternatives);
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
    int clause = tokens.get(match.first()).clause();
    for (Token token : tokens) {
      if (token.clause() == clause) {
        said.addAll(lexicon.places(token.stem()));
        if (token.stem().equals("leaf") && token.to() - token.from() == "leaf".length()) {
          said.add("oldest-only");
        }
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
        .findFirst()
        .orElse(null);
  }

  private static Reading.Span span(Match match, List<Token> tokens) {
    return new Reading.Span(tokens.get(match.first()).from(), tokens.get(match.last()).to());
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
            return first.pattern() == null ? next : first;
          });
    }
    return bySign.values().stream()
        .sorted(Comparator.comparingInt(one -> one.span().from()))
        .toList();
  }

  /** The longest name of a kind that stands in the text. */
  private Optional<Reading.Named> kind(String text, List<Token> tokens, Set<Integer> used) {
    for (int words = NAME_WORDS; words > 0; words--) {
      for (int i = 0; i + words <= tokens.size(); i++) {
        String name = text.substring(tokens.get(i).from(), tokens.get(i + words - 1).to());
        if (words == 1 && lexicon.isFiller(tokens.get(i).stem())) {
          continue;
        }
        Optional<Taxon> taxon = Optional.ofNullable(kinds.get(plain(name)));
        if (taxon.isPresent()) {
          for (int w = 0; w < words; w++) {
            used.add(i + w);
          }
          return Optional.of(
              new Reading.Named(
                  taxon.get().id(),
                  new Reading.Span(tokens.get(i).from(), tokens.get(i + words - 1).to())));
        }
      }
    }
    return Optional.empty();
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
