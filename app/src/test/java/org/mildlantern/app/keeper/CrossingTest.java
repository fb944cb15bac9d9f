package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Walks every route with another keeper's ids. */
@AppTest
class CrossingTest {
  private static final String SECRET = "Zzsecretplant";

  @Autowired MockMvc web;
  @Autowired Keepers keepers;
  @Autowired PlantService plants;
  @Autowired JournalService journal;
  @Autowired DiagnoseService diagnose;
  @Autowired CaseService cases;

  @Autowired
  @org.springframework.beans.factory.annotation.Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping routes;

  private SignedIn first;
  private SignedIn second;
  private PlaceView place;
  private PlantView plant;
  private Entry entry;
  private CaseView theCase;

  @BeforeEach
  void twoKeepers() {
    first = keepers.make();
    second = keepers.make();
    place = keepers.place(first, "Zzsecretplace", PlaceKind.INDOOR);
    plant = keepers.as(first, () -> plants.add(Keepers.form(place, SECRET, "leafy-stem")));
    entry = keepers.note(first, plant.id(), "watered 200");
    keepers.as(first, () -> diagnose.mark(plant.id(), "stipple@old-leaves", true));
    theCase = keepers.as(first, () -> cases.open(plant.id(), "spider-mites").orElseThrow());
    keepers.place(second, "Own place", PlaceKind.INDOOR);
  }

  private record Route(RequestMethod method, String path) {}

  private List<Route> allRoutes() {
    List<Route> all = new ArrayList<>();
    routes
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              if (handler.getBeanType().getName().startsWith("org.mildlantern")) {
                for (String path : info.getPatternValues()) {
                  for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    all.add(new Route(method, path));
                  }
                }
              }
            });
    return all;
  }

  @Test
  void aSecondKeeperGetsNothingOfTheFirsts() throws Exception {
    List<Route> all = allRoutes();
    assertThat(all).hasSizeGreaterThan(35);
    Map<String, List<Long>> before = snapshot();
    for (Route route : all) {
      if (route.path().startsWith("/api")) {
        continue;
      }
      for (Long id : Stream.of(place.id(), plant.id(), entry.id(), theCase.id()).toList()) {
        MockHttpServletResponse answer = call(route, id);
        assertThat(answer.getContentAsString()).as(route.toString()).doesNotContain(SECRET);
        assertThat(answer.getContentAsString())
            .as(route.toString())
            .doesNotContain("Zzsecretplace");
        assertThat(answer.getStatus()).as(route.toString()).isNotEqualTo(500);
        if (route.path().contains("{") && !route.path().startsWith("/know")) {
          assertThat(answer.getStatus()).as(route + " with a foreign id").isIn(400, 404, 422);
        }
      }
    }
    assertThat(snapshot()).isEqualTo(before);
  }

  @Test
  void theFirstKeeperSeesTheirOwnOnTheSameRoutes() throws Exception {
    for (String path : List.of("/plants", "/today", "/plants/" + plant.id(), "/diagnose")) {
      MockHttpServletResponse answer =
          web.perform(request(HttpMethod.GET, path).with(user(first))).andReturn().getResponse();
      assertThat(answer.getStatus()).as(path).isEqualTo(200);
      assertThat(answer.getContentAsString()).as(path).contains(SECRET);
    }
  }

  @Test
  void nobodyIsSentToTheDoorOnEveryRoute() throws Exception {
    for (Route route : allRoutes()) {
      boolean open =
          List.of("/sign-in", "/register", "/demo").contains(route.path())
              || route.path().startsWith("/v3");
      MockHttpServletResponse answer =
          web.perform(fill(route, 1L).with(csrf())).andReturn().getResponse();
      if (route.path().startsWith("/api")) {
        assertThat(answer.getStatus()).as(route.toString()).isEqualTo(401);
      } else if (!open) {
        assertThat(answer.getStatus()).as(route.toString()).isEqualTo(302);
        assertThat(answer.getRedirectedUrl()).as(route.toString()).endsWith("/sign-in");
      }
    }
  }

  private MockHttpServletResponse call(Route route, Long id) throws Exception {
    return web.perform(fill(route, id).with(user(second)).with(csrf())).andReturn().getResponse();
  }

  private MockHttpServletRequestBuilder fill(Route route, Long id) {
    String path = route.path().replaceAll("\\{[^}]+}", id.toString());
    return request(HttpMethod.valueOf(route.method().name()), path)
        .param("node", "stipple@old-leaves")
        .param("state", "present")
        .param("check", "soak-test")
        .param("condition", "long-resident")
        .param("counts", "false")
        .param("there", "true")
        .param("answer", "watered")
        .param("outcome", "BETTER")
        .param("cause", "spider-mites")
        .param("change", "wash-mites")
        .param("line", "watered 100")
        .param("text", "other words")
        .param("away", "true")
        .param("place", id.toString())
        .param("order", id.toString())
        .param("placeId", place.id().toString())
        .param("kind", "Phalaenopsis")
        .param("potShape", "ROUND")
        .param("stage", "GROWTH")
        .param("name", "Zz" + System.nanoTime())
        .param("q", SECRET.substring(0, 8))
        .param("table", "name\tplace\nPhalaenopsis\tZzsecretplac");
  }

  private Map<String, List<Long>> snapshot() {
    return keepers.as(
        first,
        () ->
            Map.of(
                "plants", plants.all().stream().map(PlantView::id).toList(),
                "entries", journal.timeline(plant.id(), 100).stream().map(Entry::id).toList(),
                "cases", cases.all().stream().filter(CaseView::open).map(CaseView::id).toList()));
  }
}
