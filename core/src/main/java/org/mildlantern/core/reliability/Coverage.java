package org.mildlantern.core.reliability;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;

/**
 * What the knowledge covers: causes of each family that can strike each plant group, and written
 * cases that try them.
 *
 * @param groups plant groups, the columns
 * @param rows one for each family of causes
 * @param untried labels of causes that no written case has as its answer
 */
public record Coverage(List<String> groups, List<Row> rows, List<String> untried) {

  /**
   * A family of causes.
   *
   * @param causes number of causes that can strike some kind of the group, by group
   * @param cases number of written cases with an answer of the family, by group
   */
  public record Row(String family, Map<String, Integer> causes, Map<String, Integer> cases) {}

  public static Coverage of(Knowledge knowledge, List<WrittenCase> written) {
    List<String> groups = knowledge.taxa().stream().map(Taxon::group).distinct().toList();
    List<Row> rows = new ArrayList<>();
    for (String family : knowledge.causes().stream().map(Cause::family).distinct().toList()) {
      Map<String, Integer> causes = new LinkedHashMap<>();
      Map<String, Integer> cases = new LinkedHashMap<>();
      for (String group : groups) {
        causes.put(group, causesOf(knowledge, family, group).size());
        cases.put(
            group,
            (int)
                written.stream()
                    .filter(c -> group.equals(c.group()) && answers(c, family, knowledge))
                    .count());
      }
      rows.add(new Row(family, causes, cases));
    }
    Set<String> tried =
        written.stream().flatMap(c -> c.answers().stream()).collect(Collectors.toSet());
    List<String> untried =
        knowledge.causes().stream()
            .filter(cause -> !tried.contains(cause.id()))
            .map(Cause::label)
            .toList();
    return new Coverage(groups, List.copyOf(rows), untried);
  }

  private static Set<String> causesOf(Knowledge knowledge, String family, String group) {
    Set<String> found = new TreeSet<>();
    knowledge.taxa().stream()
        .filter(taxon -> taxon.group().equals(group))
        .map(Taxon::form)
        .distinct()
        .forEach(
            id -> {
              GrowthForm form = knowledge.forms().find(id).orElseThrow();
              knowledge.causesFor(form).stream()
                  .filter(cause -> cause.family().equals(family))
                  .forEach(cause -> found.add(cause.id()));
            });
    return found;
  }

  private static boolean answers(WrittenCase written, String family, Knowledge knowledge) {
    return written.answers().stream()
        .anyMatch(id -> knowledge.causes().find(id).orElseThrow().family().equals(family));
  }
}
