package org.mildlantern.app.units;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.words.Units;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IText;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * Says the figures of every page in the keeper's units as it is written. What stands in an element
 * with {@code translate="no"}, the keeper's own words and doses, stays as it is.
 */
@Component
class PagesInUnits implements IPostProcessorDialect {
  private static final int LAST = 1000;

  @Override
  public String getName() {
    return "units";
  }

  @Override
  public int getDialectPostProcessorPrecedence() {
    return LAST;
  }

  @Override
  public Set<IPostProcessor> getPostProcessors() {
    return Set.of(new PostProcessor(TemplateMode.HTML, Handler.class, LAST));
  }

  /** One writing of one page; Thymeleaf makes it. */
  public static final class Handler extends AbstractTemplateHandler {
    private final Units units = Scope.units();

    /** The elements that are open within one that stays as it is, that one last. */
    private final Deque<String> untouched = new ArrayDeque<>();

    @Override
    public void handleOpenElement(IOpenElementTag tag) {
      String name = tag.getElementCompleteName();
      if (!untouched.isEmpty()
          || "no".equals(tag.getAttributeValue("translate"))
          || name.equals("textarea")
          || name.equals("script")) {
        untouched.push(name);
      }
      super.handleOpenElement(tag);
    }

    @Override
    public void handleCloseElement(ICloseElementTag tag) {
      if (!untouched.isEmpty() && untouched.peek().equals(tag.getElementCompleteName())) {
        untouched.pop();
      }
      super.handleCloseElement(tag);
    }

    @Override
    public void handleText(IText text) {
      if (units == Units.METRIC || !untouched.isEmpty()) {
        super.handleText(text);
        return;
      }
      String metric = text.getText();
      String own = units.shown(metric);
      super.handleText(own.equals(metric) ? text : getContext().getModelFactory().createText(own));
    }
  }
}
