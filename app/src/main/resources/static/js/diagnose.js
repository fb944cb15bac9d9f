// Keeps the list of signs where it was when the panel is renewed after a click on the same part.
(() => {
  let part = "";
  let top = 0;
  const list = () => document.querySelector(".chips");
  const name = () => list()?.querySelector("h3")?.textContent ?? "";
  document.addEventListener("htmx:beforeSwap", () => {
    part = name();
    top = list()?.scrollTop ?? 0;
  });
  document.addEventListener("htmx:afterSettle", () => {
    if (list() && name() === part) list().scrollTop = top;
  });
})();
