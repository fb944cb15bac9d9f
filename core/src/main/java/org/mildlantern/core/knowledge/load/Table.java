package org.mildlantern.core.knowledge.load;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.AbstractCollection;
import java.util.Collection;
import java.util.Collections;
import java.util.HashSet;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** Entries of one kind, in the order of their files, found by id. */
public final class Table<T> extends AbstractCollection<T> {
  private final String what;
  private final Map<String, T> byId = new LinkedHashMap<>();
  private final Map<String, Place> places = new LinkedHashMap<>();
  private final Set<String> faulty = new HashSet<>();
  private boolean broken;

  /** Where an entry stands. */
  record Place(Document document, JsonNode entry) {}

  /**
   * @param what one of its entries is called, such as “sign”
   */
  Table(String what) {
    this.what = what;
  }

  /** Whether the id is new; a faulty entry is known by its id alone. */
  boolean add(String id, T entry, Place place) {
    boolean fresh = !byId.containsKey(id) && !faulty.contains(id);
    places.putIfAbsent(id, place);
    if (entry == null) {
      faulty.add(id);
    } else {
      byId.putIfAbsent(id, entry);
    }
    return fresh;
  }

  /** One of its files could not be read: what is missing may stand there. */
  void broken() {
    broken = true;
  }

  String what() {
    return what;
  }

  /** Whether a reference to the id is no fault of its own: it is there, or faulty itself. */
  public boolean knows(String id) {
    return broken || byId.containsKey(id) || faulty.contains(id);
  }

  boolean isFaulty(String id) {
    return faulty.contains(id);
  }

  Place place(String id) {
    return places.get(id);
  }

  public Optional<T> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  public boolean has(String id) {
    return byId.containsKey(id);
  }

  public Set<String> ids() {
    return Collections.unmodifiableSet(byId.keySet());
  }

  @Override
  public Iterator<T> iterator() {
    return Collections.unmodifiableCollection((Collection<T>) byId.values()).iterator();
  }

  @Override
  public int size() {
    return byId.size();
  }
}
