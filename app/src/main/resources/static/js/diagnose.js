// Keeps the list of signs where and as open as it was when the panel is renewed after a tap on the same
// part, and sifts it by a word.
(() => {
  let part = "";
  let top = 0;
  let word = "";
  let open = [];
  const list = () => document.querySelector(".chips");
  const name = () => list()?.querySelector("h2")?.textContent ?? "";
  const families = () => [...(list()?.querySelectorAll("details") ?? [])];
  const label = (family) => family.querySelector("summary span").textContent;

  function sift() {
    const wanted = word.trim().toLowerCase();
    for (const family of families()) {
      let any = false;
      for (const chip of family.querySelectorAll(".chip")) {
        const fits = chip.textContent.toLowerCase().includes(wanted);
        chip.hidden = !fits;
        any ||= fits;
      }
      family.hidden = !any;
      if (wanted && any) family.open = true;
    }
  }

  document.addEventListener("input", (e) => {
    if (!e.target.matches("[data-sift]")) return;
    word = e.target.value;
    sift();
  });
  document.addEventListener("keydown", (e) => {
    if (e.key === "Enter" && e.target.matches("[data-sift]")) e.preventDefault();
  });
  document.addEventListener("htmx:beforeSwap", () => {
    part = name();
    top = list()?.scrollTop ?? 0;
    open = families().filter((family) => family.open).map(label);
  });
  document.addEventListener("htmx:afterSettle", () => {
    if (!list()) return;
    if (name() !== part) {
      word = "";
      return;
    }
    families().forEach((family) => { family.open ||= open.includes(label(family)); });
    const field = list().querySelector("[data-sift]");
    if (field && word) { field.value = word; sift(); }
    list().scrollTop = top;
  });
})();
