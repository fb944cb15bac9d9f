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
  // An answer on its way replaces its buttons: a tap waits for the one that comes in its place.
  let asking = 0;
  let tapped = null;
  document.addEventListener("htmx:beforeRequest", () => { asking++; });
  function tapAgain() {
    if (tapped === null || asking > 0) return;
    const again = document.getElementById(tapped);
    tapped = null;
    if (again) again.click();
  }
  document.addEventListener("htmx:afterRequest", (e) => {
    asking--;
    if (e.detail.failed) tapped = null;
    setTimeout(tapAgain);
  });
  document.addEventListener("click", (e) => {
    const tap = asking > 0 && e.target.closest("#answer button[name=now]");
    if (!tap) return;
    e.preventDefault();
    e.stopImmediatePropagation();
    tapped = tap.id;
  }, true);
  fit();
  fresh();
})();
