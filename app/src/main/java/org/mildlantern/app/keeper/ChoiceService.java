package org.mildlantern.app.keeper;

import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what the keeper chose for the collection, topic by topic: schools, animals, gauges. */
@Service
@Transactional
public class ChoiceService {
  private final CollectionChoiceRepository choices;
  private final CollectionMemo memo;

  ChoiceService(CollectionChoiceRepository choices, CollectionMemo memo) {
    this.memo = memo;
    this.choices = choices;
  }

  /** All choices by topic; what was never chosen is not there. A page reads them once. */
  @Transactional(readOnly = true)
  public Map<String, String> all() {
    return memo.once("choices", this::read);
  }

  private Map<String, String> read() {
    return choices.all().stream()
        .collect(Collectors.toMap(CollectionChoice::topic, CollectionChoice::choice));
  }

  public void choose(String topic, String choice) {
    CollectionChoice chosen = choices.of(topic).orElseGet(() -> new CollectionChoice(topic));
    chosen.choose(choice);
    choices.save(chosen);
  }
}
