package org.mildlantern.app.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.demo.SecondTollhouse;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.context.ApplicationContext;
import org.springframework.mock.web.MockHttpServletResponse;

/** Walks through the pages of a collection and reads what they say. */
class PlainWordsTest extends WebCase {
  /** Pages of one shape, such as those of plants, that are read. */
  private static final int OF_A_SHAPE = 15;

  private static final Pattern LINK = Pattern.compile("href=\"(/[^\"#]*)");
  private static final Pattern NO_WORDS =
      Pattern.compile("(?s)<(script|style|textarea)\\b.*?</\\1>|<[^>]*>");

  private static final List<Pattern> FAULTS =
      List.of(
          // One of what is said of many.
          Pattern.compile(
              "(?<![\\d.,:/–-])(?<![\\d,] (?:of|to|in|or) )\\b1 (?!times|plus|is|was|has|gets|its|days? ago)[a-z]+[^s\\W]s\\b"),
          Pattern.compile("[\\p{L})]\\s?\\.\\.(?!\\.)|,,|(?<!hort|Hook|[A-Z])\\.,|,\\."),
          // A name of the code, an empty value, a place that was not filled.
          Pattern.compile(
              "\\b[A-Z]{2,}_[A-Z_]+\\b|\\bnull\\b|\\bNaN\\b|Infinity|\\?\\?|\\{\\w+[,}]"),
          Pattern.compile("\\b(?!that|had|ssp)([a-z]{3,}) \\1\\b(?!-)"));

  @Autowired ApplicationContext context;
  @Autowired KeeperService accounts;

  private static String shape(String path) {
    return path.replaceAll("\\?.*", "?")
        .replaceAll("/\\d+", "/n")
        .replaceAll("(/know/\\w+)/.*", "$1");
  }

  @Test
  void noPageSpeaksAwkwardly() throws Exception {
    SignedIn keeper = accounts.byEmail(SecondTollhouse.furnish(context)).orElseThrow();
    Deque<String> ahead = new ArrayDeque<>(List.of("/today", "/today/month", "/know", "/settings"));
    Set<String> seen = new LinkedHashSet<>(ahead);
    Map<String, Integer> shapes = new HashMap<>();
    List<String> faults = new ArrayList<>();
    int read = 0;
    while (!ahead.isEmpty()) {
      String path = ahead.poll();
      MockHttpServletResponse answer = get(keeper, path).andReturn().getResponse();
      if (!String.valueOf(answer.getContentType()).startsWith("text/html")) {
        continue;
      }
      read++;
      String html = answer.getContentAsString();
      faults(html).forEach(fault -> faults.add(path + ": " + fault));
      Matcher links = LINK.matcher(html);
      while (links.find()) {
        String next = links.group(1).replace("&amp;", "&");
        if (!next.startsWith("/a/")
            && !next.startsWith("//")
            && seen.add(next)
            && shapes.merge(shape(next), 1, Integer::sum) <= OF_A_SHAPE) {
          ahead.add(next);
        }
      }
    }
    assertThat(read).isGreaterThan(150);
    assertThat(faults).isEmpty();
  }

  private static List<String> faults(String html) {
    String text =
        NO_WORDS
            .matcher(
                html.replaceAll(
                    "(?s)<(/?(p|li|td|th|tr|h\\d|div|dt|dd|option|small|label|summary|button|text|a)|br)\\b[^>]*>",
                    " | "))
            .replaceAll("")
            .replace("&amp;", "&")
            .replace("&#39;", "'")
            .replace("&quot;", "\"")
            .replaceAll("\\s+", " ");
    List<String> found = new ArrayList<>();
    for (Pattern fault : FAULTS) {
      for (MatchResult at : fault.matcher(text).results().toList()) {
        found.add(
            text.substring(Math.max(0, at.start() - 30), Math.min(text.length(), at.end() + 20)));
      }
    }
    return found;
  }
}
