package org.mildlantern.app.web;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * A page of a long list.
 *
 * @param page its number, from 1
 * @param pages how many there are, at least 1
 * @param all how long the whole list is
 * @param before how many rows stand on the pages before
 */
public record Paged<T>(List<T> rows, int page, int pages, int all, int before) {

  /**
   * A page of the list; a number beyond its ends gives the first or last one.
   *
   * @param page from 1, or null for the first
   * @param size most rows of a page
   */
  public static <T> Paged<T> of(List<T> list, Integer page, int size) {
    int pages = Math.max(1, (list.size() + size - 1) / size);
    int number = page == null ? 1 : Math.max(1, Math.min(page, pages));
    int before = (number - 1) * size;
    return new Paged<>(
        List.copyOf(list.subList(before, Math.min(list.size(), before + size))),
        number,
        pages,
        list.size(),
        before);
  }

  /** The page on which the first row of the kind stands; the first page where there is none. */
  public static <T> int holding(List<T> list, int size, Predicate<T> row) {
    return IntStream.range(0, list.size()).filter(i -> row.test(list.get(i))).findFirst().orElse(0)
            / size
        + 1;
  }

  public <R> Paged<R> map(Function<T, R> to) {
    return new Paged<>(rows.stream().map(to).toList(), page, pages, all, before);
  }

  /** Whether there is but one page. */
  public boolean whole() {
    return pages == 1;
  }

  /** Number of its first row, from 1. */
  public int from() {
    return before + 1;
  }

  /** Number of its last row. */
  public int to() {
    return before + rows.size();
  }

  /** How many rows of the list are on other pages. */
  public int beyond() {
    return all - rows.size();
  }
}
