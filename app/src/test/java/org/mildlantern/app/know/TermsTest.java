package org.mildlantern.app.know;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;

@AppTest
class TermsTest extends WebCase {
  @Test
  void wordsOfTheFieldAreThereForPagesToExplain() throws Exception {
    get(keepers.make(), "/know/words")
        .andExpect(jsonPath("$.length()").value(greaterThan(45)))
        .andExpect(jsonPath("$[*].label").value(hasItems("VPD", "DLI", "EC", "keiki")))
        .andExpect(jsonPath("$[*].label").value(not(hasItem("rest"))));
  }

  @Test
  void whatIsPoisonousStandsTheWorstFirst() throws Exception {
    String page =
        get(keepers.make(), "/know/pets")
            .andExpect(content().string(containsString("ring a vet")))
            .andReturn()
            .getResponse()
            .getContentAsString();
    int deadly = page.indexOf("Nerium oleander");
    int mild = page.indexOf("Upsets the stomach");
    org.assertj.core.api.Assertions.assertThat(deadly).isPositive().isLessThan(mild);
  }

  @ParameterizedTest
  @CsvSource({
    "poison,/know/pets",
    "cats,/know/pets",
    "holiday,/today/month",
    "import,/plants/imports/new",
    "labels,/plants",
    "password,/settings#account",
    "keiki,/know#word-keiki"
  })
  void findLeadsToWhatOneWantsToDo(String words, String href) throws Exception {
    SignedIn keeper = keepers.make();
    get(keeper, "/find?q=" + words)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("href=\"" + href + "\"")));
  }
}
