package org.mildlantern.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;

import jakarta.servlet.http.Cookie;
import java.util.function.Supplier;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Calls pages as a keeper, with or without script. */
@AppTest
public abstract class WebCase {
  @Autowired protected MockMvc web;
  @Autowired protected Keepers keepers;

  /** Gets a page, as a browser does. */
  protected ResultActions get(SignedIn keeper, String path) throws Exception {
    return web.perform(page(keeper, path));
  }

  /** Gets a page with the cookies that an answer brought. */
  protected ResultActions get(SignedIn keeper, String path, Cookie... cookies) throws Exception {
    return web.perform(page(keeper, path).cookie(cookies));
  }

  private static MockHttpServletRequestBuilder page(SignedIn keeper, String path) {
    return MockMvcRequestBuilders.get(path)
        .with(user(keeper))
        .accept(MediaType.TEXT_HTML, MediaType.ALL);
  }

  /** Gets a fragment, as htmx does. */
  protected ResultActions part(SignedIn keeper, String path) throws Exception {
    return web.perform(
        MockMvcRequestBuilders.get(path).with(user(keeper)).header("HX-Request", "true"));
  }

  /** Posts name and value pairs as a plain form. */
  protected ResultActions post(SignedIn keeper, String path, String... pairs) throws Exception {
    return web.perform(request(keeper, path, pairs));
  }

  /** Puts a bottle of soap with a label for sprays indoors into the cabinet. */
  protected void soapBottle(SignedIn keeper, double ml, Supplier<Long> newest) throws Exception {
    post(
        keeper,
        "/mixing/new",
        "name",
        "Soap",
        "means",
        "soap",
        "amountLeft",
        String.valueOf(ml),
        "unit",
        "ml");
    post(
        keeper,
        "/mixing/" + newest.get() + "/rates",
        "usedFor",
        "indoors",
        "printed",
        "15 ml/L",
        "as",
        "15 ml/l",
        "crop",
        "INDOORS",
        "method",
        "SPRAY");
  }

  /** Posts as htmx does, for a fragment, and follows where it is sent. */
  protected ResultActions htmx(SignedIn keeper, String path, String... pairs) throws Exception {
    return follow(keeper, web.perform(request(keeper, path, pairs).header("HX-Request", "true")));
  }

  /** What htmx shows in the end: the answer itself, or the page that it is sent to. */
  protected ResultActions follow(SignedIn keeper, ResultActions answer) throws Exception {
    MvcResult result = answer.andReturn();
    String to = result.getResponse().getRedirectedUrl();
    if (to == null) {
      return answer;
    }
    MockHttpServletRequestBuilder next =
        MockMvcRequestBuilders.get(to).with(user(keeper)).header("HX-Request", "true");
    Cookie[] session = result.getResponse().getCookies();
    return web.perform(session.length == 0 ? next : next.cookie(session));
  }

  private static MockHttpServletRequestBuilder request(
      SignedIn keeper, String path, String... pairs) {
    MockHttpServletRequestBuilder request =
        MockMvcRequestBuilders.request(HttpMethod.POST, path).with(user(keeper)).with(csrf());
    for (int i = 0; i < pairs.length; i += 2) {
      request = request.param(pairs[i], pairs[i + 1]);
    }
    return request;
  }
}
