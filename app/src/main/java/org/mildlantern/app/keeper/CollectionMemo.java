package org.mildlantern.app.keeper;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * Remembers what pages that are only read have worked out from a whole collection, until anything
 * in it changes or another day begins. The database tells by a pulse that every transaction sets
 * which changed a row of the collection, from whatever window or program.
 */
@Component
public class CollectionMemo {
  private static final int COLLECTIONS = 64;
  private static final String VALUES = CollectionMemo.class.getName();

  private final JdbcClient jdbc;
  private final Scope scope;
  private final Map<Long, Kept> kept =
      new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Kept> eldest) {
          return size() > COLLECTIONS;
        }
      };

  CollectionMemo(JdbcClient jdbc, Scope scope) {
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** What values hold for. */
  private record Until(Long pulse, LocalDate day, SignedIn keeper) {}

  private record Kept(Until until, Map<String, Object> values) {}

  /** The value of the name, worked out anew when the collection has changed. */
  @SuppressWarnings("unchecked")
  public <T> T once(String name, Supplier<T> work) {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (!isOnlyRead(request)) {
      return work.get();
    }
    Map<String, Object> values = values(request);
    Object known = values.get(name);
    if (known == null) {
      known = work.get();
      values.put(name, known);
    }
    return (T) known;
  }

  private static boolean isOnlyRead(RequestAttributes request) {
    return request instanceof ServletRequestAttributes page
        && page.getRequest().getMethod().equals("GET");
  }

  /** The values of now; a page asks for the pulse once, so that all it shows is of one time. */
  @SuppressWarnings("unchecked")
  private Map<String, Object> values(RequestAttributes request) {
    Object known = request.getAttribute(VALUES, RequestAttributes.SCOPE_REQUEST);
    if (known == null) {
      known = values();
      request.setAttribute(VALUES, known, RequestAttributes.SCOPE_REQUEST);
    }
    return (Map<String, Object>) known;
  }

  private Map<String, Object> values() {
    SignedIn keeper = scope.keeper();
    Long pulse =
        jdbc.sql("select pulse from collection_pulse where collection_id = :c")
            .param("c", keeper.collectionId())
            .query(Long.class)
            .optional()
            .orElse(0L);
    Until until = new Until(pulse, scope.today(), keeper);
    synchronized (kept) {
      Kept now = kept.get(keeper.collectionId());
      if (now == null || !now.until().equals(until)) {
        now = new Kept(until, new ConcurrentHashMap<>());
        kept.put(keeper.collectionId(), now);
      }
      return now.values();
    }
  }
}
