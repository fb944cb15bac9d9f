package org.mildlantern.app.diagnose;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.diagnosis.Finding;
import org.springframework.stereotype.Component;

/** Stores what belongs to a look: findings, what was told, and records that do not count. */
@Component
class LookRows {
  private final FindingRepository findings;
  private final LookToldRepository told;
  private final OverruleRepository overrules;

  LookRows(FindingRepository findings, LookToldRepository told, OverruleRepository overrules) {
    this.findings = findings;
    this.told = told;
    this.overrules = overrules;
  }

  List<LookState.Noted> findings(Long look) {
    return findings.of(look).stream().map(FindingRow::noted).toList();
  }

  List<LookState.Told> told(Long look) {
    return told.of(look).stream().map(LookTold::told).toList();
  }

  Set<String> overruled(Long look) {
    return overrules.of(look).stream()
        .map(Overrule::condition)
        .collect(Collectors.toCollection(LinkedHashSet::new));
  }

  /** Marks a sign; marked at a place, it is no longer somewhere. */
  void mark(Long look, Finding finding) {
    if (finding.pattern() != null) {
      one(look, new Finding(finding.sign(), null, true)).ifPresent(findings::delete);
    }
    FindingRow row =
        one(look, finding).orElseGet(() -> new FindingRow(look, finding.sign(), finding.pattern()));
    row.set(finding.present());
    findings.save(row);
  }

  void unmark(Long look, Finding finding) {
    one(look, finding).ifPresent(findings::delete);
  }

  void note(Long look, Finding finding, String detail) {
    one(look, finding).ifPresent(row -> row.note(detail));
  }

  private Optional<FindingRow> one(Long look, Finding finding) {
    return findings.one(look, finding.sign(), finding.pattern());
  }

  void overrule(Long look, String condition, boolean counts) {
    List<Overrule> before =
        overrules.of(look).stream().filter(one -> one.condition().equals(condition)).toList();
    if (counts) {
      overrules.deleteAll(before);
    } else if (before.isEmpty()) {
      overrules.save(new Overrule(look, condition));
    }
  }

  /** Takes in what was said; where the same was marked, it replaces that. */
  void take(Long look, InWords words) {
    List<FindingRow> rows = findings.of(look);
    List<LookState.Noted> kept = rows.stream().map(FindingRow::noted).toList();
    findings.deleteAll(rows.stream().filter(row -> words.replaces(row.noted())).toList());
    findings.flush();
    words.newTo(kept).forEach(noted -> findings.save(new FindingRow(look, noted)));
    Map<String, LookTold> before =
        told.of(look).stream().collect(Collectors.toMap(LookTold::field, one -> one));
    for (LookState.Told one : words.newTold(told(look)).toList()) {
      LookTold row = before.getOrDefault(one.field(), new LookTold(look, one));
      row.set(one);
      told.save(row);
    }
  }

  void copy(Long from, Long to) {
    findings(from).forEach(noted -> findings.save(new FindingRow(to, noted)));
    told(from).forEach(one -> told.save(new LookTold(to, one)));
    overruled(from).forEach(condition -> overrules.save(new Overrule(to, condition)));
  }

  void forget(Long look) {
    findings.deleteAll(findings.of(look));
    told.deleteAll(told.of(look));
    overrules.deleteAll(overrules.of(look));
    findings.flush();
  }
}
