package org.mildlantern.app.sensors;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.CollectionRepository;
import org.springframework.data.jpa.repository.Query;

interface DeviceRepository extends CollectionRepository<Device> {
  @Query("select d from Device d order by d.name, d.id")
  List<Device> all();

  @Query("select d from Device d where d.key = :key")
  Optional<Device> byKey(String key);
}

interface DevicePlaceRepository extends CollectionRepository<DevicePlace> {
  @Query("select p from DevicePlace p order by p.since, p.id")
  List<DevicePlace> all();

  @Query("select p from DevicePlace p where p.deviceId = :device order by p.since desc, p.id desc")
  List<DevicePlace> of(Long device);
}

interface LoggerFileRepository extends CollectionRepository<LoggerFile> {
  @Query("select f from LoggerFile f where f.placeId = :place")
  List<LoggerFile> of(Long place);
}
