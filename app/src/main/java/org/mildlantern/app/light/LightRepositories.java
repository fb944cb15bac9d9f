package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface PlaceLightRepository extends CollectionRepository<PlaceLight> {
  @Query("select l from PlaceLight l where l.placeId = :place")
  Optional<PlaceLight> of(Long place);

  @Query("select l from PlaceLight l")
  List<PlaceLight> all();
}

interface LightReadingRepository extends CollectionRepository<LightReading> {
  @Query("select r from LightReading r where r.placeId = :place order by r.at desc, r.id desc")
  List<LightReading> of(Long place);

  @Query("select r from LightReading r order by r.at, r.id")
  List<LightReading> all();
}

interface PlaceWindowRepository extends CollectionRepository<PlaceWindow> {
  @Query("select w from PlaceWindow w where w.placeId = :place order by w.id")
  List<PlaceWindow> of(Long place);

  @Query("select w from PlaceWindow w order by w.id")
  List<PlaceWindow> all();
}

interface PlaceSpotRepository extends CollectionRepository<PlaceSpot> {
  @Query("select s from PlaceSpot s where s.placeId = :place order by s.id")
  List<PlaceSpot> of(Long place);

  @Query("select s from PlaceSpot s order by s.id")
  List<PlaceSpot> all();
}

interface StandingRepository extends CollectionRepository<Standing> {
  @Query("select s from Standing s where s.plantId = :plant")
  Optional<Standing> of(Long plant);

  @Query("select s from Standing s")
  List<Standing> all();
}

interface PlaceSkylineRepository extends CollectionRepository<PlaceSkyline> {
  @Query("select s from PlaceSkyline s where s.placeId = :place order by s.begins, s.id")
  List<PlaceSkyline> of(Long place);

  @Query("select s from PlaceSkyline s order by s.begins, s.id")
  List<PlaceSkyline> all();
}

interface PlaceThingRepository extends CollectionRepository<PlaceThing> {
  @Query("select t from PlaceThing t where t.placeId = :place order by t.id")
  List<PlaceThing> of(Long place);

  @Query("select t from PlaceThing t order by t.id")
  List<PlaceThing> all();
}

interface LightChangeRepository extends CollectionRepository<LightChange> {
  @Query("select c from LightChange c where c.placeId = :place order by c.id")
  List<LightChange> of(Long place);

  @Query("select c from LightChange c where c.meant and c.day >= :from order by c.day, c.id")
  List<LightChange> meantSince(LocalDate from);
}

interface SunAnswerRepository extends CollectionRepository<SunAnswer> {
  @Query("select a from SunAnswer a where a.day >= :from")
  List<SunAnswer> since(LocalDate from);
}
