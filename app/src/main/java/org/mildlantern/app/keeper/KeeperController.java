package org.mildlantern.app.keeper;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.AssertTrue;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.web.Meanwhile;
import org.mildlantern.core.words.Units;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Registering, signing in, the demo door and settings. */
@Controller
class KeeperController {
  private final KeeperService keepers;
  private final Scope scope;
  private final DemoDoor demo;
  private final Access access;
  private final Entrance entrance;

  KeeperController(
      KeeperService keepers, Scope scope, DemoDoor demo, Access access, Entrance entrance) {
    this.entrance = entrance;
    this.access = access;
    this.keepers = keepers;
    this.scope = scope;
    this.demo = demo;
  }

  /** What is typed to register. */
  record Registration(
      @NotBlank(message = "An e-mail address, please.")
          @Email(message = "This does not look like an e-mail address.")
          @Size(max = 254, message = "At most 254 characters.")
          String email,
      @NotBlank(message = "What shall we call you?")
          @Size(max = 80, message = "At most 80 characters.")
          String name,
      @NotNull String password) {
    @AssertTrue(message = Password.RULE)
    public boolean isPasswordOfLength() {
      return Password.isOfLength(password);
    }
  }

  /** What is typed to describe the collection. */
  record CollectionForm(
      @NotBlank(message = "The collection needs a name.")
          @Size(max = 80, message = "At most 80 characters.")
          String name,
      @NotNull(message = "A number, please.")
          @DecimalMin(value = "-90", message = "Between −90 and 90.")
          @DecimalMax(value = "90", message = "Between −90 and 90.")
          Double latitude,
      @NotBlank(message = "Pick a time zone.") String zone) {}

  @GetMapping("/sign-in")
  String signIn(Model model) {
    model.addAttribute("demo", demo.open());
    model.addAttribute("registration", access.registration());
    return "keeper/sign-in";
  }

  @GetMapping("/register")
  String register(Model model) {
    requireOpen();
    model.addAttribute("registration", new Registration("", "", ""));
    return "keeper/register";
  }

  @PostMapping("/register")
  String register(
      @Valid @ModelAttribute("registration") Registration registration,
      BindingResult errors,
      @RequestParam(defaultValue = "") String zone,
      HttpServletResponse response) {
    requireOpen();
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return "keeper/register";
    }
    // The same whether the address is new or not: nobody learns who has an account.
    keepers.registerIfNew(
        registration.email().strip(), registration.name().strip(), registration.password(), zone);
    return "redirect:/sign-in?made";
  }

  private void requireOpen() {
    if (!access.registration()) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
  }

  @PostMapping("/demo")
  String demo(HttpServletRequest request, HttpServletResponse response) {
    if (!demo.open()) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    SignedIn keeper =
        keepers
            .byEmail(DemoDoor.EMAIL)
            .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    entrance.enter(keeper, request, response);
    return "redirect:/today";
  }

  @GetMapping("/settings")
  String settings(Model model) {
    CollectionForm saved = saved();
    Meanwhile.show(saved, model);
    return settings(model, saved);
  }

  private CollectionForm saved() {
    SignedIn keeper = keepers.collection();
    return new CollectionForm(keeper.collectionName(), keeper.latitude(), keeper.zoneName());
  }

  @PostMapping("/settings")
  String settings(
      @Valid @ModelAttribute("collectionForm") CollectionForm form,
      BindingResult errors,
      @RequestParam(defaultValue = "") String opened,
      Model model,
      HttpServletRequest request,
      HttpServletResponse response,
      RedirectAttributes flash) {
    model.addAttribute("opened", opened);
    if (!errors.hasErrors() && Meanwhile.changed(opened, saved(), form, Map.of(), model)) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return settings(model, form);
    }
    if (!errors.hasErrors() && !zones().contains(form.zone())) {
      errors.rejectValue("zone", "unknown", "Pick one from the list.");
    }
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return settings(model, form);
    }
    entrance.enter(
        keepers.describeCollection(form.name().strip(), form.latitude(), form.zone()),
        request,
        response);
    flash.addFlashAttribute("said", "Saved.");
    return "redirect:/settings";
  }

  /** Says near which town the collection stands. */
  @PostMapping("/settings/where")
  String where(
      @RequestParam(defaultValue = "") String town,
      @RequestParam(defaultValue = "/settings") String back,
      HttpServletRequest request,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Optional<Towns.Town> found = Towns.named(town);
    if (found.isPresent()) {
      entrance.enter(keepers.locate(found.get()), request, response);
      flash.addFlashAttribute("said", "Seasons and days are those of " + found.get().name() + ".");
    } else {
      flash.addFlashAttribute("townProblem", "Pick a town from the list as you type.");
      flash.addFlashAttribute("townTyped", town);
    }
    return "redirect:" + (back.equals("/today") ? back : "/settings");
  }

  /** Says in which units to measure; none, as is usual where the collection stands. */
  @PostMapping("/settings/units")
  String units(
      @RequestParam(required = false) Units units,
      HttpServletRequest request,
      HttpServletResponse response,
      RedirectAttributes flash) {
    SignedIn keeper = keepers.measureIn(units);
    entrance.enter(keeper, request, response);
    flash.addFlashAttribute("said", "Measured in " + keeper.units().label() + ".");
    return "redirect:/settings";
  }

  /** The towns, as they are offered while one types. */
  @GetMapping("/settings/towns")
  String towns(Model model) {
    model.addAttribute("zones", Towns.all().stream().map(Towns.Town::name).toList());
    return "keeper/zones";
  }

  @PostMapping("/settings/tokens")
  String makeToken(
      @RequestParam(defaultValue = "") String name,
      @RequestParam(defaultValue = "READ") TokenScope may,
      @RequestParam(required = false) LocalDate until,
      RedirectAttributes flash) {
    String clean = name.strip();
    String problem = null;
    if (clean.isEmpty() || clean.length() > 60) {
      problem = "Give the token a name of up to 60 characters.";
    } else if (until != null && until.isBefore(scope.today())) {
      problem = "Its last day is over already.";
    }
    if (problem == null) {
      flash.addFlashAttribute("newToken", keepers.makeToken(clean, may, until));
    } else {
      flash.addFlashAttribute("tokenProblem", problem);
      flash.addFlashAttribute("tokenName", name);
      flash.addFlashAttribute("tokenMay", may);
      flash.addFlashAttribute("tokenUntil", until);
    }
    return "redirect:/settings#tokens";
  }

  @PostMapping("/settings/sign-out-everywhere")
  String signOutEverywhere() {
    keepers.signOutEverywhere();
    return "redirect:/sign-in?out";
  }

  @PostMapping("/settings/tokens/{id}/revoke")
  String revokeToken(@PathVariable Long id, RedirectAttributes flash) {
    if (!keepers.revokeToken(id)) {
      throw new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
    flash.addFlashAttribute("said", "Revoked.");
    return "redirect:/settings#tokens";
  }

  private String settings(Model model, CollectionForm form) {
    model.addAttribute("collectionForm", form);
    model.addAttribute("tokens", keepers.tokens());
    model.addAttribute("scopes", TokenScope.values());
    model.addAttribute("allUnits", Units.values());
    model.addAttribute("chosenUnits", keepers.chosenUnits());
    model.addAttribute("ownAccount", isOwn());
    return "keeper/settings";
  }

  /** Nobody has the password of the demo or of those who are shown round. */
  private boolean isOwn() {
    return !scope.keeper().isGuest() && !scope.keeper().email().equals(DemoDoor.EMAIL);
  }

  /** The time zones, as they are offered while one types. */
  @GetMapping("/settings/zones")
  String zones(Model model) {
    model.addAttribute("zones", zones());
    return "keeper/zones";
  }

  private static List<String> zones() {
    return ZoneId.getAvailableZoneIds().stream()
        .filter(zone -> zone.contains("/") && !zone.startsWith("Etc/") || zone.equals("UTC"))
        .sorted()
        .toList();
  }
}
