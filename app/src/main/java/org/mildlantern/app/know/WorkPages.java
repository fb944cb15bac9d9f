package org.mildlantern.app.know;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.treatment.Safety;
import org.mildlantern.core.treatment.WithinBounds;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** Reference pages about what is done: changes of care, and means against pests and diseases. */
@Controller
class WorkPages {
  private final Knowledge knowledge;
  private final Remedies remedies;

  WorkPages(Knowledge knowledge, Remedies remedies) {
    this.knowledge = knowledge;
    this.remedies = remedies;
  }

  @GetMapping("/know/changes/{id}")
  String change(@PathVariable String id, Model model) {
    Change change = knowledge.changes().find(id).orElseThrow(Web::missing);
    model.addAttribute("change", change);
    model.addAttribute(
        "meanwhile",
        change.meanwhile() == null
            ? null
            : knowledge.changes().find(change.meanwhile()).orElse(null));
    model.addAttribute("on", named(change.on()));
    Map<String, Change> unfit = new LinkedHashMap<>();
    change
        .unfit()
        .forEach(
            (name, instead) ->
                unfit.put(words(name), knowledge.changes().find(instead).orElseThrow()));
    model.addAttribute("unfit", unfit);
    model.addAttribute(
        "causes", knowledge.causes().stream().filter(c -> id.equals(c.change())).toList());
    return "know/change";
  }

  /** By what the names stand for, in words; a tag stands for the ways and forms that have it. */
  private Map<String, String> named(Map<String, String> said) {
    Map<String, String> named = new LinkedHashMap<>();
    said.forEach((name, text) -> named.put(words(name), text));
    return named;
  }

  private String words(String name) {
    return knowledge
        .ways()
        .table()
        .find(name)
        .map(Way::label)
        .or(() -> knowledge.forms().find(name).map(GrowthForm::label))
        .orElse(name.replace('-', ' '));
  }

  @GetMapping("/know/means/{id}")
  String means(@PathVariable String id, Model model) {
    Means means = remedies.means().find(id).orElseThrow(Web::missing);
    List<Cause> against =
        means.against().keySet().stream()
            .flatMap(pest -> knowledge.causes().find(pest).stream())
            .toList();
    model.addAttribute("means", means);
    model.addAttribute("against", against);
    model.addAttribute("limits", means.product() ? WithinBounds.words(means, means.bounds()) : "");
    model.addAttribute("safety", Safety.of(List.of(means)));
    return "know/means";
  }
}
