package org.mildlantern.app.web;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Set;
import org.springframework.boot.autoconfigure.web.servlet.WebMvcRegistrations;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;

/**
 * Handles each post of a page, with what admits it, in one transaction that ends before the answer
 * is written: what is acknowledged is stored, and what is refused leaves nothing behind.
 */
@Component
class PostsInOne implements WebMvcRegistrations {
  private static final Set<String> ONLY_READ = Set.of("GET", "HEAD", "OPTIONS");

  private final OneTransaction one;
  private final List<Admission> admissions;

  PostsInOne(OneTransaction one, List<Admission> admissions) {
    this.one = one;
    this.admissions = admissions;
  }

  @Override
  public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
    return new RequestMappingHandlerAdapter() {
      @Override
      protected ModelAndView handleInternal(
          HttpServletRequest request, HttpServletResponse response, HandlerMethod handler)
          throws Exception {
        // The page that shows a fault is reached by the failed post itself: it stores nothing.
        boolean fault = request.getDispatcherType() != DispatcherType.REQUEST;
        if (fault || ONLY_READ.contains(request.getMethod()) || isOpenInterface(handler)) {
          return super.handleInternal(request, response, handler);
        }
        try {
          return one.run(
              () -> {
                response.setStatus(200);
                admissions.forEach(admission -> admission.admit(request));
                ModelAndView page = super.handleInternal(request, response, handler);
                if (!isRefused(response)) {
                  String view = page == null ? null : page.getViewName();
                  admissions.forEach(admission -> admission.handled(request, view));
                }
                return page;
              },
              () -> isRefused(response));
        } finally {
          request.setAttribute(Web.HANDLED, true);
        }
      }
    };
  }

  private static boolean isRefused(HttpServletResponse response) {
    return response.getStatus() >= 400 || response.getHeader(Web.REFUSED) != null;
  }

  /** Its calls read their bodies while they are handled, and store by themselves. */
  private static boolean isOpenInterface(HandlerMethod handler) {
    return AnnotatedElementUtils.hasAnnotation(handler.getBeanType(), ResponseBody.class);
  }
}
