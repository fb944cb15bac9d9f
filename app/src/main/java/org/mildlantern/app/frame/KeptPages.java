package org.mildlantern.app.frame;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpServletResponseWrapper;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.util.Map;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.web.FlashesOfPages;
import org.mildlantern.app.web.FormKey;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.util.WebUtils;

/** Gives out pages that say {@link Kept} as they were written last, while that is what they are. */
@Component
class KeptPages extends OncePerRequestFilter {
  /** Pages of a collection that are kept. */
  private static final int LATELY = 24;

  private static final int LONGEST_NAME = 300;

  private final CollectionMemo memo;
  private final FlashesOfPages flashes;
  private final Scope scope;

  KeptPages(CollectionMemo memo, FlashesOfPages flashes, Scope scope) {
    this.memo = memo;
    this.flashes = flashes;
    this.scope = scope;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("GET")
        || Htmx.asks(request)
        || !String.valueOf(request.getHeader(HttpHeaders.ACCEPT)).contains("text/html")
        || flashes.isWaiting(request)
        || name(request).length() > LONGEST_NAME
        || !isSignedIn();
  }

  private static boolean isSignedIn() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    return who != null && who.getPrincipal() instanceof SignedIn;
  }

  /** What a page is shown by beside the collection and the day. */
  private static String name(HttpServletRequest request) {
    Cookie shelf = WebUtils.getCookie(request, FrameAdvice.SHELF);
    return String.join(
        " ",
        request.getRequestURI(),
        request.getQueryString(),
        shelf == null ? "" : shelf.getValue(),
        request.getLocale().toString());
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Map<String, WrittenPage> pages = memo.once("pages", () -> CollectionMemo.last(LATELY));
    String name = name(request);
    WrittenPage known = pages.get(name);
    if (known == null) {
      Writing writing = new Writing(request, response);
      chain.doFilter(request, writing);
      if (writing.text == null) {
        return;
      }
      known = WrittenPage.of(writing.text.toString(), token(request), keys(request));
      if (response.getStatus() == HttpStatus.OK.value()) {
        pages.put(name, known);
      }
    } else {
      response.setContentType("text/html;charset=UTF-8");
    }
    known.writeTo(response.getOutputStream(), token(request), keys(request), scope.now());
  }

  private static String token(HttpServletRequest request) {
    return ((CsrfToken) request.getAttribute(CsrfToken.class.getName())).getToken();
  }

  private static String keys(HttpServletRequest request) {
    return FormKey.ofPage(new ServletRequestAttributes(request));
  }

  /** An answer that keeps the text of a page that is to be kept, and passes on all else. */
  private static final class Writing extends HttpServletResponseWrapper {
    private final HttpServletRequest request;
    private StringWriter text;

    Writing(HttpServletRequest request, HttpServletResponse response) {
      super(response);
      this.request = request;
    }

    @Override
    public PrintWriter getWriter() throws IOException {
      if (text != null) {
        return new PrintWriter(text);
      }
      Object handler = request.getAttribute(HandlerMapping.BEST_MATCHING_HANDLER_ATTRIBUTE);
      if (getStatus() != HttpStatus.OK.value()
          || !(handler instanceof HandlerMethod method && method.hasMethodAnnotation(Kept.class))) {
        return super.getWriter();
      }
      text = new StringWriter();
      return new PrintWriter(text);
    }
  }
}
