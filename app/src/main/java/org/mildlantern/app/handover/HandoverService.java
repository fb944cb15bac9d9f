package org.mildlantern.app.handover;

import java.time.LocalDate;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Secrets;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the links by which plants are handed over, and says what goes along. */
@Service
@Transactional
class HandoverService {
  static final int DAYS = 30;

  private static final Pattern LINK =
      Pattern.compile("(?:.*/handed/)?([\\w-]{20,100})(?:[/?#].*)?");

  private final KeeperService keepers;
  private final JdbcClient jdbc;
  private final Scope scope;

  HandoverService(KeeperService keepers, JdbcClient jdbc, Scope scope) {
    this.keepers = keepers;
    this.jdbc = jdbc;
    this.scope = scope;
  }

  /** How much of a plant's history goes along. */
  record Along(long notes, long pictures, long cases, long treatments) {}

  @Transactional(readOnly = true)
  Along along(Long plant) {
    return jdbc.sql(
            "select (select count(*) from entry e where e.plant_id = p.id and not e.superseded),"
                + " (select count(*) from photo f where f.plant_id = p.id), (select count(*) from"
                + " plant_case k where k.plant_id = p.id), (select count(*) from treatment_course t"
                + " where t.plant_id = p.id) from plant p where p.id = :p and p.collection_id = :c")
        .param("p", plant)
        .param("c", collection())
        .query(
            (row, n) -> new Along(row.getLong(1), row.getLong(2), row.getLong(3), row.getLong(4)))
        .single();
  }

  private Long collection() {
    return scope.keeper().collectionId();
  }

  /** The last day of a plant's link, where it has one. */
  @Transactional(readOnly = true)
  Optional<LocalDate> until(Long plant) {
    return jdbc.sql(
            "select until_day from handover where plant_id = :p and collection_id = :c and until_day"
                + " >= :today")
        .param("p", plant)
        .param("c", collection())
        .param("today", scope.today())
        .query(LocalDate.class)
        .optional();
  }

  /** Makes a link, and ends a former one; its secret, which is shown only now. */
  String link(Long plant) {
    String secret = Secrets.fresh();
    jdbc.sql(
            "insert into handover (collection_id, plant_id, hash, until_day) values (:c, :p, :hash,"
                + " :until) on conflict (plant_id) do update set hash = excluded.hash, until_day ="
                + " excluded.until_day")
        .param("c", collection())
        .param("p", plant)
        .param("hash", Secrets.hash(secret))
        .param("until", scope.today().plusDays(DAYS))
        .update();
    return secret;
  }

  void end(Long plant) {
    jdbc.sql("delete from handover where plant_id = :p and collection_id = :c")
        .param("p", plant)
        .param("c", collection())
        .update();
  }

  /** The plant to which a secret leads, until the last day of its link. */
  @Transactional(readOnly = true)
  Optional<SecretDoor.Way> way(String secret) {
    return jdbc.sql("select collection_id, plant_id, until_day from handover where hash = :hash")
        .param("hash", Secrets.hash(secret))
        .query(
            (row, n) -> new Link(row.getLong(1), row.getLong(2), row.getObject(3, LocalDate.class)))
        .optional()
        .flatMap(this::way);
  }

  private record Link(Long collection, Long plant, LocalDate until) {}

  private Optional<SecretDoor.Way> way(Link link) {
    return keepers
        .ofCollection(link.collection())
        .filter(keeper -> !link.until().isBefore(LocalDate.ofInstant(scope.now(), keeper.zone())))
        .map(keeper -> new SecretDoor.Way(keeper, link.plant()));
  }

  /** Where a link that was pasted leads, when it is one of this installation that still holds. */
  @Transactional(readOnly = true)
  Optional<SecretDoor.Way> pasted(String link) {
    Matcher secret = LINK.matcher(link.strip());
    return secret.matches() ? way(secret.group(1)) : Optional.empty();
  }
}
