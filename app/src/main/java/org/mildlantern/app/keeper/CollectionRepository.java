package org.mildlantern.app.keeper;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.NoRepositoryBean;
import org.springframework.data.repository.Repository;

/**
 * Rows of a collection. All that it offers goes through a query, which is filtered to the signed-in
 * keeper's collection; a look-up by key alone is not offered.
 */
@NoRepositoryBean
public interface CollectionRepository<T> extends Repository<T, Long> {
  @Query("select e from #{#entityName} e where e.id = :id")
  Optional<T> byId(Long id);

  <S extends T> S save(S row);

  <S extends T> S saveAndFlush(S row);

  <S extends T> List<S> saveAll(Iterable<S> rows);

  void delete(T row);

  void deleteAll(Iterable<? extends T> rows);

  void flush();
}
