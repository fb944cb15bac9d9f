// Ticks rows of the list, several with Shift, and counts them; narrows the list when a choice is made.
(() => {
  const picker = document.querySelector("[data-picker]");
  picker?.addEventListener("change", (e) => { if (e.target.matches("select")) picker.requestSubmit(); });

  const form = document.querySelector("[data-many]");
  if (!form) return;
  const boxes = [...form.querySelectorAll("input[name=plant]")];
  const all = form.querySelector("[data-all]");
  const whole = form.querySelector("[data-whole]");
  const counts = form.querySelectorAll("[data-count]");
  let last = null;

  function tell() {
    const ticked = boxes.filter((box) => box.checked).length;
    all.checked = ticked === boxes.length;
    all.indeterminate = ticked > 0 && ticked < boxes.length;
    counts.forEach((count) => { count.textContent = ticked === 0 ? "None chosen" : ticked + " chosen"; });
    form.classList.toggle("chosen", ticked > 0 || Boolean(whole?.checked));
  }

  form.addEventListener("click", (e) => {
    const box = e.target.closest("input[name=plant]");
    if (!box) return;
    if (e.shiftKey && last !== null) {
      const [from, to] = [boxes.indexOf(last), boxes.indexOf(box)].sort((a, b) => a - b);
      boxes.slice(from, to + 1).forEach((each) => { each.checked = box.checked; });
    }
    last = box;
    tell();
  });
  all.addEventListener("change", () => { boxes.forEach((box) => { box.checked = all.checked; }); tell(); });
  whole?.addEventListener("change", tell);
  tell();
})();
