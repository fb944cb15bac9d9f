package org.mildlantern.app.keeper;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeeperRepository extends JpaRepository<Keeper, Long> {
  @Query("select k from Keeper k where lower(k.email) = lower(:email)")
  Optional<Keeper> byEmail(String email);

  @Query("select k from Keeper k where k.email like :ending and k.createdAt < :before")
  List<Keeper> endingBefore(String ending, Instant before);
}

interface PasswordResetRepository extends JpaRepository<PasswordReset, Long> {
  Optional<PasswordReset> findByHash(String hash);

  void deleteByKeeperId(Long keeperId);
}

interface KeptCollectionRepository extends JpaRepository<KeptCollection, Long> {
  Optional<KeptCollection> findByKeeperId(Long keeperId);
}

interface ApiTokenRepository extends JpaRepository<ApiToken, Long> {
  Optional<ApiToken> findByHash(String hash);

  Optional<ApiToken> findByHashAndRevokedAtIsNull(String hash);

  List<ApiToken> findByKeeperIdAndRevokedAtIsNullOrderById(Long keeperId);

  Optional<ApiToken> findByIdAndKeeperId(Long id, Long keeperId);
}

interface CollectionChoiceRepository extends CollectionRepository<CollectionChoice> {
  @Query("select c from CollectionChoice c")
  List<CollectionChoice> all();

  @Query("select c from CollectionChoice c where c.topic = :topic")
  Optional<CollectionChoice> of(String topic);
}
