// Sets the order of a walk: rows are dragged by their handle, or moved with the arrow keys on it.
(() => {
  const form = document.querySelector("[data-walk]");
  if (!form) return;
  const rows = () => [...form.querySelectorAll("[data-walked]")];
  const said = document.createElement("p");
  said.className = "small mute";
  said.setAttribute("role", "status");
  form.append(said);

  async function keep() {
    const token = JSON.parse(document.body.getAttribute("hx-headers"));
    try {
      const reply = await fetch(form.action, { method: "POST", body: new URLSearchParams(new FormData(form)), headers: token });
      if (!reply.ok) throw new Error();
      said.textContent = "The walk is kept.";
      form.querySelector("[data-walk-save]").classList.add("hidden");
    } catch {
      said.textContent = "That was not kept; try again when the line is back.";
      form.querySelector("[data-walk-save]").classList.remove("hidden");
    }
  }

  form.addEventListener("keydown", (e) => {
    const handle = e.target.closest("[data-handle]");
    if (!handle || (e.key !== "ArrowUp" && e.key !== "ArrowDown")) return;
    e.preventDefault();
    const row = handle.closest("[data-walked]");
    const all = rows();
    const to = all[all.indexOf(row) + (e.key === "ArrowUp" ? -1 : 1)];
    if (!to) return;
    if (e.key === "ArrowUp") to.before(row);
    else to.after(row);
    handle.focus();
    keep();
  });

  form.addEventListener("pointerdown", (e) => {
    const handle = e.target.closest("[data-handle]");
    if (!handle) return;
    e.preventDefault();
    handle.focus();
    const row = handle.closest("[data-walked]");
    const before = rows();
    row.classList.add("dragged");
    const move = (m) => {
      for (const other of rows()) {
        if (other === row) continue;
        const box = other.getBoundingClientRect();
        if (m.clientY > box.top && m.clientY < box.bottom) {
          if (m.clientY < box.top + box.height / 2) other.before(row);
          else other.after(row);
          break;
        }
      }
    };
    const drop = () => {
      row.classList.remove("dragged");
      document.removeEventListener("pointermove", move);
      document.removeEventListener("pointerup", drop);
      document.removeEventListener("pointercancel", drop);
      if (rows().some((r, n) => r !== before[n])) keep();
    };
    document.addEventListener("pointermove", move);
    document.addEventListener("pointerup", drop);
    document.addEventListener("pointercancel", drop);
  });
})();
