package org.mildlantern.app.keeper;

import java.lang.ref.SoftReference;
import java.time.LocalDate;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.mildlantern.app.web.Web;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Remembers what pages that are only read have worked out from a whole collection, until anything
 * in it changes or another day begins. The database tells by a pulse that every transaction sets
 * which changed a row of the collection, from whatever window or program. When memory runs short
 * the values go, and are worked out again.
 */
@Component
public class CollectionMemo {
  private static final int COLLECTIONS = 500;

  /** Values of the kind of which there are many, for each collection. */
  private static final int LATELY = 50;

  private static final String VALUES = CollectionMemo.class.getName();

  private final JdbcClient jdbc;
  private final Scope scope;
  private final Map<Long, SoftReference<Map<From, Kept>>> kept =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(
            Map.Entry<Long, SoftReference<Map<From, Kept>>> eldest) {
          return size() > COLLECTIONS;
        }
      };

  CollectionMemo(JdbcClient jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** Has values worked out anew, as if the collection had changed. */
  public void forget() {
    jdbc.sql("update collection_pulse set pulse = txid_current() where collection_id = :c")
        .param("c", scope.keeper().collectionId())
        .update();
  }

  /** What values hold for. */
  private record Until(List<Long> pulses, LocalDate day, SignedIn keeper) {}

  private record Kept(Until until, Map<String, Object> values) {}

  /** What values are worked out from. */
  public enum From {
    /** Anything in the collection. */
    ALL,
    /** Plants, places and moves. */
    GROUND,
    /** Cases and looks for pests, and the ground. */
    CASES
  }

  /** The value of the name, worked out anew when the collection has changed. */
  public <T> T once(String name, Supplier<T> work) {
    return once(From.ALL, name, work);
  }

  /** The value of the name, worked out anew when what it comes from has changed. */
  @SuppressWarnings("unchecked")
  public <T> T once(From from, String name, Supplier<T> work) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (!isOnlyRead(request)) {
      return work.get();
    }
    Map<String, Object> values = values(request).get(from);
    Object known = values.get(name);
    if (known == null) {
      known = work.get();
      values.put(name, known);
    }
    return (T) known;
  }

  /** The same for one of many values, such as what a page shows of a plant: the last are kept. */
  @SuppressWarnings("unchecked")
  public <T> T lately(String name, Supplier<T> work) {
    Map<String, Object> last = once("lately", () -> last(LATELY));
    Object known = last.get(name);
    if (known == null) {
      known = work.get();
      last.put(name, known);
    }
    return (T) known;
  }

  /** A map that keeps what was last asked for of so many. */
  public static <K, T> Map<K, T> last(int most) {
    return Collections.synchronizedMap(
        new LinkedHashMap<>(16, 0.75f, true) {
          private static final long serialVersionUID = 1L;

          @Override
          protected boolean removeEldestEntry(Map.Entry<K, T> eldest) {
            return size() > most;
          }
        });
  }

  /** A page is asked for, or the post that leads to it is done with. */
  private static boolean isOnlyRead(RequestAttributes request) {
    return request instanceof ServletRequestAttributes page
        && (page.getRequest().getMethod().equals("GET")
            || page.getRequest().getAttribute(Web.HANDLED) != null);
  }

  /** The values of now; a page asks for the pulse once, so that all it shows is of one time. */
  @SuppressWarnings("unchecked")
  private Map<From, Map<String, Object>> values(RequestAttributes request) {
    Object known = request.getAttribute(VALUES, RequestAttributes.SCOPE_REQUEST);
    if (known == null) {
      known = values();
      request.setAttribute(VALUES, known, RequestAttributes.SCOPE_REQUEST);
    }
    return (Map<From, Map<String, Object>>) known;
  }

  private Map<From, Map<String, Object>> values() {
    SignedIn keeper = scope.keeper();
    Map<From, List<Long>> pulses =
        jdbc.sql("select pulse, ground, cases from collection_pulse where collection_id = :c")
            .param("c", keeper.collectionId())
            .query((row, n) -> pulses(row.getLong(1), row.getLong(2), row.getLong(3)))
            .optional()
            .orElse(pulses(0, 0, 0));
    Map<From, Map<String, Object>> values = new EnumMap<>(From.class);
    synchronized (kept) {
      SoftReference<Map<From, Kept>> held = kept.get(keeper.collectionId());
      Map<From, Kept> now = held == null ? null : held.get();
      if (now == null) {
        now = new EnumMap<>(From.class);
        kept.put(keeper.collectionId(), new SoftReference<>(now));
      }
      for (From from : From.values()) {
        Until until = new Until(pulses.get(from), scope.today(), keeper);
        Kept its = now.get(from);
        if (its == null || !its.until().equals(until)) {
          its = new Kept(until, new ConcurrentHashMap<>());
          now.put(from, its);
        }
        values.put(from, its.values());
      }
    }
    return values;
  }

  private static Map<From, List<Long>> pulses(long all, long ground, long cases) {
    return Map.of(
        From.ALL, List.of(all),
        From.GROUND, List.of(ground),
        From.CASES, List.of(ground, cases));
  }
}
