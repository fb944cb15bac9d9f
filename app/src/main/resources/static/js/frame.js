// Keys, theme, the working drawer and small helpers for every page.
(() => {
  const root = document.documentElement;
  const stored = localStorage.getItem("theme");
  if (stored) root.dataset.bsTheme = stored;

  const typing = (el) => el && (el.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(el.tagName));
  const rows = () => [...document.querySelectorAll("[data-row]")];

  function mark(row) {
    rows().forEach((r) => r.classList.toggle("next", r === row));
    if (row) row.scrollIntoView({ block: "nearest" });
  }
  function current() {
    const all = rows();
    return all.find((r) => r.classList.contains("next")) || null;
  }
  function step(by) {
    const all = rows();
    if (!all.length) return;
    const at = all.indexOf(current());
    mark(all[Math.min(all.length - 1, Math.max(0, at + by))]);
  }
  function openDialog(id) {
    const dialog = document.getElementById(id);
    if (dialog && !document.querySelector("dialog[open]")) dialog.showModal();
  }

  // What takes some seconds says so, and is not asked for twice.
  document.addEventListener("submit", (e) => {
    const form = e.target.closest("[data-busy]");
    const button = form?.querySelector("button");
    if (!button) return;
    button.textContent = form.dataset.busy;
    setTimeout(() => (button.disabled = true));
  });
  window.addEventListener("pageshow", (e) => {
    if (e.persisted && document.querySelector("[data-busy]")) location.reload();
  });

  document.addEventListener("keydown", (e) => {
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const pin = e.target.closest && e.target.closest("[data-pick]");
    if (pin && (e.key === "Enter" || e.key === " ")) {
      e.preventDefault();
      pin.dispatchEvent(new Event("pick", { bubbles: true }));
      return;
    }
    if (e.key === "Escape" && e.target.id === "find") {
      e.target.value = "";
      document.getElementById("found").replaceChildren();
      e.target.blur();
      return;
    }
    if (typing(e.target) || document.querySelector("dialog[open]")) return;
    if (e.key === "/") { e.preventDefault(); document.getElementById("find")?.focus(); }
    else if (e.key === "j") step(1);
    else if (e.key === "k") step(-1);
    else if (e.key === "u") document.querySelector("[data-undo]")?.click();
    else if (e.key === "?") openDialog("keys");
    else if (e.key === "g") { const weight = current()?.querySelector("[data-typed]"); if (weight) { e.preventDefault(); weight.focus(); } }
    else if (e.key === "w") (current()?.querySelector("[data-working]") || document.querySelector("main [data-working]"))?.click();
    else if (/^[1-9]$/.test(e.key)) {
      const buttons = (current() || document).querySelectorAll("[data-answer]");
      buttons[Number(e.key) - 1]?.click();
    }
  });

  document.addEventListener("click", (e) => {
    const working = e.target.closest("[data-working]");
    if (working) { openDialog(working.dataset.working); return; }
    const close = e.target.closest("[data-close]");
    if (close) { close.closest("dialog").close(); return; }
    if (e.target.tagName === "DIALOG") { e.target.close(); return; }
    if (e.target.closest("[data-theme]")) {
      const dark = root.dataset.bsTheme !== "dark";
      root.dataset.bsTheme = dark ? "dark" : "light";
      localStorage.setItem("theme", root.dataset.bsTheme);
      return;
    }
    if (e.target.closest("[data-keys]")) { openDialog("keys"); return; }
    if (e.target.closest("[data-shelf]")) { document.querySelector(".shelf")?.classList.toggle("open"); return; }
    const more = e.target.closest("[data-more]");
    if (more) { more.setAttribute("aria-expanded", more.parentElement.classList.toggle("open")); return; }
    if (e.target.closest("[data-print]")) { window.print(); return; }
    const shelf = document.querySelector(".shelf.open");
    if (shelf && !shelf.contains(e.target)) shelf.classList.remove("open");
  });

  // On a phone the shelf stays drawn out while a place is opened in it.
  let out = false;
  document.addEventListener("htmx:beforeSwap", (e) => { if (e.detail.target.id === "shelf") out = e.detail.target.classList.contains("open"); });
  document.addEventListener("htmx:afterSwap", () => { if (out) { document.querySelector(".shelf")?.classList.add("open"); out = false; } });

  // A photo that was taken is kept at once.
  document.addEventListener("change", (e) => { if (e.target.matches("[data-snap]") && e.target.files.length) e.target.form.requestSubmit(); });

  // The browser's time zone tells roughly where its keeper is.
  document.addEventListener("DOMContentLoaded", () => document.querySelectorAll("[data-zone]").forEach((field) => {
    field.value = Intl.DateTimeFormat().resolvedOptions().timeZone || "";
  }));

  // A field for a day says it in words; a calendar stands beside it.
  const TYPED_DAY = "\\s*(\\d{1,2}(st|nd|rd|th)?\\s+[A-Za-z]{3,9}\\.?,?\\s+\\d{4}|[A-Za-z]{3,9}\\.?\\s+\\d{1,2},?\\s+\\d{4}|\\d{4}-\\d{1,2}-\\d{1,2}|\\d{1,2}[.\\/]\\d{1,2}[.\\/]\\d{4})\\s*";
  const inWords = (day) => new Date(day + "T12:00").toLocaleDateString("en-GB", { day: "numeric", month: "short", year: "numeric" }).replace("Sept", "Sep");
  function dayFields(root) {
    root.querySelectorAll(".day-field:not(.with-calendar)").forEach((field) => {
      const typed = field.querySelector("[data-day]");
      typed.pattern = TYPED_DAY;
      typed.title = "A day with its year, such as 28 Nov 2026";
      typed.placeholder ||= "28 Nov 2026";
      const calendar = Object.assign(document.createElement("input"), { type: "date", tabIndex: -1 });
      calendar.setAttribute("aria-hidden", "true");
      const open = Object.assign(document.createElement("button"), { type: "button", className: "btn-s" });
      open.setAttribute("aria-label", "Choose from a calendar");
      open.innerHTML = '<svg class="ic" aria-hidden="true"><use href="#i-calendar"></use></svg>';
      open.addEventListener("click", () => {
        const day = new Date(typed.value + " 12:00");
        calendar.value = isNaN(day) ? "" : day.toISOString().slice(0, 10);
        calendar.showPicker();
      });
      calendar.addEventListener("change", () => { if (calendar.value) typed.value = inWords(calendar.value); });
      field.append(open, calendar);
      field.classList.add("with-calendar");
    });
  }
  document.addEventListener("DOMContentLoaded", () => dayFields(document));
  document.addEventListener("htmx:afterSettle", () => dayFields(document));

  function firstDue() {
    const here = current();
    if (!here || here.classList.contains("waiting")) mark(document.querySelector("[data-row]:not(.done):not(.waiting)"));
  }
  document.addEventListener("row:kept", firstDue);
  document.addEventListener("DOMContentLoaded", firstDue);
  document.addEventListener("htmx:afterSettle", firstDue);
  document.addEventListener("htmx:responseError", (e) => {
    const box = document.getElementById("trouble");
    const comesAgain = e.detail.xhr.getResponseHeader("Retry-After") && e.detail.elt.closest?.("[data-once]");
    if (!box || e.detail.xhr.status === 409 || comesAgain) return;
    box.textContent = e.detail.xhr.status === 403
      ? "You were signed out in the meantime. Load the page again; nothing you saved is lost."
      : "That did not work. Load the page again and retry.";
    box.classList.remove("hidden");
  });
  document.addEventListener("htmx:sendError", (e) => {
    if (e.detail.elt.closest?.("[data-once]")) return;
    const box = document.getElementById("trouble");
    if (box) { box.textContent = "No line to the server. Try again when it is back."; box.classList.remove("hidden"); }
  });
})();
