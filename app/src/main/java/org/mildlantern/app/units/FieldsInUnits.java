package org.mildlantern.app.units;

import java.text.ParseException;
import java.util.Locale;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.words.Units;
import org.springframework.format.AnnotationFormatterFactory;
import org.springframework.format.Formatter;
import org.springframework.format.FormatterRegistry;
import org.springframework.format.Parser;
import org.springframework.format.Printer;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Shows and reads what is {@link InUnits}. */
@Component
class FieldsInUnits implements AnnotationFormatterFactory<InUnits>, WebMvcConfigurer {
  @Override
  public void addFormatters(FormatterRegistry registry) {
    registry.addFormatterForFieldAnnotation(this);
  }

  @Override
  public Set<Class<?>> getFieldTypes() {
    return Set.of(Double.class);
  }

  @Override
  public Printer<?> getPrinter(InUnits in, Class<?> type) {
    return new Field(in.value());
  }

  @Override
  public Parser<?> getParser(InUnits in, Class<?> type) {
    return new Field(in.value());
  }

  private record Field(Units.Measure measure) implements Formatter<Double> {
    @Override
    public String print(Double value, Locale locale) {
      return Scope.units().written(measure, value);
    }

    @Override
    public Double parse(String typed, Locale locale) throws ParseException {
      return Scope.units().read(measure, typed).orElseThrow(() -> new ParseException(typed, 0));
    }
  }
}
