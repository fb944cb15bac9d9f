package org.mildlantern.core.knowledge;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.season.Stage;

/** The ways in which kinds live. */
public final class Ways {
  private final Table<Way> ways;
  private final Table<Silent> silent;
  private final Table<Spared> spared;

  /**
   * Records that say nothing for or against any cause in some ways of life.
   *
   * @param ways by way, form or tag
   * @param why in words for the page about a way
   */
  public record Silent(String id, List<String> ways, List<String> conditions, String why) {}

  /**
   * Causes that cannot occur in some ways of life.
   *
   * @param ways by way, form or tag
   * @param why in words for the page about a way
   */
  public record Spared(String id, List<String> ways, List<String> causes, String why) {}

  Ways(Shelf shelf) {
    ways = shelf.section("way of life", "ways.yaml", "ways", Way.class);
    silent = shelf.section("silence", "ways.yaml", "silent", Silent.class);
    spared = shelf.section("what cannot be", "ways.yaml", "spared", Spared.class);
  }

  /** Notes what names nothing, and kinds that have no way or several. */
  void check(Shelf shelf, Knowledge knowledge) {
    for (Way way : ways) {
      String id = way.id();
      for (Way.Of of : way.of()) {
        knowledge.checkForms(shelf, ways, id, "of", of.forms());
        knowledge.checkForms(shelf, ways, id, "of", of.notForms());
        knowledge.checkWays(shelf, ways, id, "of", of.ways());
        knowledge.checkWays(shelf, ways, id, "of", of.notWays());
      }
    }
    for (Silent one : silent) {
      knowledge.checkWays(shelf, silent, one.id(), "ways", one.ways());
      shelf.refers(silent, one.id(), "conditions", one.conditions(), knowledge.conditions());
    }
    for (Spared one : spared) {
      knowledge.checkWays(shelf, spared, one.id(), "ways", one.ways());
      shelf.refers(spared, one.id(), "causes", one.causes(), knowledge.causes());
    }
    for (Taxon taxon : knowledge.taxa()) {
      if (taxon.way() != null) {
        shelf.refers(knowledge.taxa(), taxon.id(), "way", List.of(taxon.way()), ways);
      }
      knowledge
          .forms()
          .find(taxon.form())
          .ifPresent(
              form ->
                  check(shelf, knowledge.taxa(), taxon.id(), form, taxon.habits(), taxon.way()));
    }
  }

  void check(
      Shelf shelf, Table<?> from, String entry, GrowthForm form, Habits habits, String named) {
    List<Way> growing = growing(form, habits, named);
    if (growing.size() != 1) {
      shelf.wrong(from, entry, "id", "has " + said(growing) + " while it grows");
      return;
    }
    List<Way> resting = resting(growing.get(0), habits);
    if (habits.rest().any() && resting.size() != 1) {
      shelf.wrong(from, entry, "rest", "has " + said(resting) + " at rest");
    }
  }

  private static String said(List<Way> found) {
    return found.isEmpty()
        ? "no way of life"
        : "the ways " + String.join(" and ", found.stream().map(Way::id).toList());
  }

  /** Ids, tags and what else the knowledge may say ways of life by. */
  Set<String> names() {
    Set<String> names = new HashSet<>();
    ways.forEach(way -> names.add(way.id()));
    ways.forEach(way -> names.addAll(way.tags()));
    return names;
  }

  /** Ids of the ways in which kinds live while they grow. */
  List<String> growing() {
    return ways.stream()
        .filter(way -> way.of().stream().anyMatch(of -> of.at() == Way.At.GROWTH))
        .map(Way::id)
        .toList();
  }

  private List<Way> growing(GrowthForm form, Habits habits, String named) {
    return named != null
        ? ways.find(named).stream().toList()
        : ways.stream().filter(way -> way.growing(form, habits)).toList();
  }

  private List<Way> resting(Way base, Habits habits) {
    return ways.stream().filter(way -> way.resting(base, habits)).toList();
  }

  /** How a kind lives while it grows. */
  Way of(GrowthForm form, Habits habits, String named) {
    return growing(form, habits, named).get(0);
  }

  /** How it lives at a stage. */
  Way at(Way base, Habits habits, Stage stage, boolean resting) {
    if (stage == Stage.SEEDLING) {
      return ways.stream().filter(way -> way.young(base)).findFirst().orElse(base);
    }
    return resting ? resting(base, habits).stream().findFirst().orElse(base) : base;
  }

  /** Conditions that say nothing for a plant that lives so. */
  List<String> silentOn(Living living) {
    List<String> all = new ArrayList<>();
    silent.stream()
        .filter(one -> living.isOneOf(one.ways()))
        .forEach(one -> all.addAll(one.conditions()));
    return all;
  }

  /** Ids of causes that cannot occur on a plant that lives so. */
  Set<String> sparedOf(Living living) {
    Set<String> all = new HashSet<>();
    spared.stream()
        .filter(one -> living.isOneOf(one.ways()))
        .forEach(one -> all.addAll(one.causes()));
    return all;
  }

  public Collection<Way> all() {
    return ways;
  }

  public Collection<Silent> silent() {
    return silent;
  }

  public Table<Way> table() {
    return ways;
  }
}
