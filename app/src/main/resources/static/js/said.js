// Keeps the field as high as its words, and hides how they were taken while they are typed.
(() => {
  const text = document.getElementById("text");
  const ink = text.closest(".ink");
  const marked = document.getElementById("marked");
  function fit() {
    text.style.height = "auto";
    text.style.height = text.scrollHeight + 2 + "px";
  }
  const fresh = () => ink.classList.toggle("typing", marked.textContent !== text.value);
  text.addEventListener("input", () => { fit(); fresh(); });
  document.addEventListener("htmx:afterSettle", fresh);
  window.addEventListener("resize", fit);
  // What was typed after the last answer is kept too.
  document.addEventListener("submit", (e) => {
    if (e.target.id === "keep") e.target.elements.text.value = text.value;
  });
  document.addEventListener("click", (e) => {
    if (e.target.name === "instead") document.getElementById("kind").value = e.target.value;
  });
  // An answer on its way replaces what is tapped or chosen: that waits for the one in its place.
  let asking = 0;
  let waiting = null;
  document.addEventListener("htmx:beforeRequest", () => { asking++; });
  function again() {
    if (waiting === null || asking > 0) return;
    const { id, chosen } = waiting;
    const same = document.getElementById(id);
    waiting = null;
    if (!same) return;
    if (chosen === undefined) return same.click();
    same.value = chosen;
    if (same.value === chosen) same.dispatchEvent(new Event("change", { bubbles: true }));
  }
  document.addEventListener("htmx:afterRequest", (e) => {
    asking--;
    if (e.detail.failed) waiting = null;
    setTimeout(again);
  });
  function wait(event, of, chosen) {
    if (asking === 0 || !of) return;
    event.preventDefault();
    event.stopImmediatePropagation();
    waiting = { id: of.id, chosen };
  }
  document.addEventListener("click", (e) => wait(e, e.target.closest("#answer button[name=now]")), true);
  document.addEventListener("change", (e) => wait(e, e.target.closest("#answer select"), e.target.value), true);
  fit();
  fresh();
})();
