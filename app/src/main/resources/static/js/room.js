// Moves the stands of a room, and slides its windows, radiators, vents and doors along their walls: dragged, or with the arrow keys and Enter.
(() => {
  const room = document.querySelector("svg.room");
  if (!room) return;
  const scale = Number(room.dataset.scale);
  const most = { x: Number(room.dataset.width), y: Number(room.dataset.depth) };
  const STEP = 10;
  const within = (value, end) => Math.max(0, Math.min(end, value));
  const keep = (of, values) => {
    const form = document.querySelector(`[data-drag][data-of="${of}"]`);
    for (const [name, value] of Object.entries(values)) form.elements[name].value = Math.round(value);
    form.requestSubmit();
  };

  const stand = (dot) => {
    const at = () => dot.getAttribute("transform").match(/-?[\d.]+/g).map(Number);
    const put = (x, y) => dot.setAttribute("transform", `translate(${within(x, most.x).toFixed(1)} ${within(y, most.y).toFixed(1)})`);
    return {
      by: (dx, dy) => put(at()[0] + dx, at()[1] + dy),
      keep: () => keep(dot.dataset.spot, { across: at()[0] / scale, back: at()[1] / scale }),
    };
  };

  // Along its wall, from the wall's left end for one who looks at it.
  const slide = (line) => {
    const { wall, along } = line.dataset;
    const level = wall === "front" || wall === "back";
    const sign = wall === "front" || wall === "right" ? 1 : -1;
    const by = (dx, dy) => {
      const moved = Number(line.dataset.moved || 0) + (level ? dx : dy);
      line.dataset.moved = moved;
      line.setAttribute("transform", level ? `translate(${moved} 0)` : `translate(0 ${moved})`);
    };
    return { by, keep: () => keep(line.dataset.slide, { along: Number(along) + (sign * Number(line.dataset.moved || 0)) / scale }) };
  };

  const moved = (target) => {
    const it = target.closest("[data-spot], [data-slide]");
    return it && { it, way: it.dataset.spot ? stand(it) : slide(it) };
  };

  function point(e) {
    return new DOMPoint(e.clientX, e.clientY).matrixTransform(room.getScreenCTM().inverse());
  }

  room.addEventListener("pointerdown", (e) => {
    const held = moved(e.target);
    if (!held) return;
    e.preventDefault();
    held.it.focus();
    held.it.classList.add("dragged");
    let last = point(e);
    let any = false;
    const move = (m) => {
      const now = point(m);
      held.way.by(now.x - last.x, now.y - last.y);
      last = now;
      any = true;
    };
    const drop = () => {
      document.removeEventListener("pointermove", move);
      document.removeEventListener("pointerup", drop);
      held.it.classList.remove("dragged");
      if (any) held.way.keep();
    };
    document.addEventListener("pointermove", move);
    document.addEventListener("pointerup", drop);
  });

  const ways = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  room.addEventListener("keydown", (e) => {
    const held = moved(e.target);
    if (!held) return;
    if (e.key === "Enter" || e.key === " ") {
      e.preventDefault();
      held.way.keep();
    } else if (ways[e.key]) {
      e.preventDefault();
      held.way.by(ways[e.key][0] * STEP * scale, ways[e.key][1] * STEP * scale);
    }
  });
})();
