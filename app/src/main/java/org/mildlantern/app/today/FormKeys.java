package org.mildlantern.app.today;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HashMap;
import java.util.Map;
import java.util.regex.Pattern;
import org.mildlantern.app.web.FormKey;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/**
 * Gives every form that posts a key of its own, so that what it says is taken once, however often
 * it is sent. Rows of the round bring their own keys; marks of a look, which are set and unset
 * again from one page, and the doors need none.
 */
@Configuration
class FormKeys {
  private static final Pattern WITHOUT =
      Pattern.compile(
          "^/(today/|patch-tests/|visits/\\d+$|sign-|register|demo).*|.*/(diagnose|pest-looks).*");

  @Bean
  static BeanPostProcessor formKeysBesideTokens() {
    return new BeanPostProcessor() {
      @Override
      public Object postProcessAfterInitialization(Object bean, String name) {
        return bean instanceof RequestDataValueProcessor tokens ? new Keys(tokens) : bean;
      }
    };
  }

  private record Keys(RequestDataValueProcessor tokens) implements RequestDataValueProcessor {
    private static final String ACTION = FormKeys.class.getName() + ".action";

    @Override
    public String processAction(HttpServletRequest request, String action, String method) {
      boolean keyed = "post".equalsIgnoreCase(method) && !WITHOUT.matcher(action).matches();
      request.setAttribute(ACTION, keyed);
      return tokens.processAction(request, action, method);
    }

    @Override
    public Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
      Map<String, String> fields = tokens.getExtraHiddenFields(request);
      if (!Boolean.TRUE.equals(request.getAttribute(ACTION))) {
        return fields;
      }
      Map<String, String> more = fields == null ? new HashMap<>() : new HashMap<>(fields);
      more.put("key", FormKey.next());
      return more;
    }

    @Override
    public String processFormFieldValue(
        HttpServletRequest request, String name, String value, String type) {
      return tokens.processFormFieldValue(request, name, value, type);
    }

    @Override
    public String processUrl(HttpServletRequest request, String url) {
      return tokens.processUrl(request, url);
    }
  }
}
