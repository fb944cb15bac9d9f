// Moves the stands of a room: dragged, or with the arrow keys and Enter.
(() => {
  const room = document.querySelector("svg.room");
  if (!room) return;
  const scale = Number(room.dataset.scale);
  const most = { x: Number(room.dataset.width), y: Number(room.dataset.depth) };
  const STEP = 10;
  const within = (value, end) => Math.max(0, Math.min(end, value));
  const at = (dot) => dot.getAttribute("transform").match(/-?[\d.]+/g).map(Number);
  const put = (dot, x, y) => dot.setAttribute("transform", `translate(${within(x, most.x).toFixed(1)} ${within(y, most.y).toFixed(1)})`);

  function keep(dot) {
    const form = document.querySelector(`[data-drag][data-of="${dot.dataset.spot}"]`);
    const [x, y] = at(dot);
    form.elements.across.value = Math.round(x / scale);
    form.elements.back.value = Math.round(y / scale);
    form.requestSubmit();
  }

  function point(e) {
    const there = new DOMPoint(e.clientX, e.clientY).matrixTransform(room.getScreenCTM().inverse());
    return [there.x, there.y];
  }

  room.addEventListener("pointerdown", (e) => {
    const dot = e.target.closest("[data-spot]");
    if (!dot) return;
    e.preventDefault();
    dot.focus();
    dot.classList.add("dragged");
    let moved = false;
    const move = (m) => {
      moved = true;
      put(dot, ...point(m));
    };
    const drop = () => {
      document.removeEventListener("pointermove", move);
      document.removeEventListener("pointerup", drop);
      dot.classList.remove("dragged");
      if (moved) keep(dot);
    };
    document.addEventListener("pointermove", move);
    document.addEventListener("pointerup", drop);
  });

  const ways = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  room.addEventListener("keydown", (e) => {
    const dot = e.target.closest("[data-spot]");
    if (!dot) return;
    if (e.key === "Enter" || e.key === " ") {
      e.preventDefault();
      keep(dot);
    } else if (ways[e.key]) {
      e.preventDefault();
      const [x, y] = at(dot);
      put(dot, x + ways[e.key][0] * STEP * scale, y + ways[e.key][1] * STEP * scale);
    }
  });
})();
