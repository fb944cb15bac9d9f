// Moves the stands of a room, slides its windows, radiators, vents and doors along their walls, and shapes the skyline: dragged, or with the arrow keys and Enter.
(() => {
  const room = document.querySelector("svg.room");
  const horizon = document.querySelector("svg.horizon");
  const scale = room ? Number(room.dataset.scale) : 1;
  const most = room ? { x: Number(room.dataset.width), y: Number(room.dataset.depth) } : { x: 0, y: 0 };
  const STEP = 10 * scale;
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

  // A part of the skyline, whole or by one end; the picture is 460 wide for 360 degrees and 120 high for 90.
  const WIDE = 460, HIGH = 120, END = 8;
  const round = (degrees) => ((degrees % 360) + 360) % 360;
  const part = (box, grip) => {
    const d = box.dataset;
    const by = (dx, dy) => {
      const turn = (dx * 360) / WIDE;
      if (grip !== "ends") d.begins = round(Number(d.begins) + turn);
      if (grip !== "begins") d.ends = round(Number(d.ends) + turn);
      if (!grip) d.up = within(Number(d.up) - (dy * 90) / HIGH, 90);
      const x = (round(Number(d.begins) - Number(horizon.dataset.from)) * WIDE) / 360;
      const width = (round(Number(d.ends) - Number(d.begins)) * WIDE) / 360;
      const height = (Number(d.up) * HIGH) / 90;
      box.querySelectorAll("rect").forEach((rect, i) => {
        for (const [name, value] of Object.entries({ x: x - i * WIDE, y: HIGH - height, width, height })) rect.setAttribute(name, value.toFixed(1));
      });
    };
    return { by, keep: () => keep(`part-${d.part}`, { begins: d.begins, ends: d.ends, up: d.up }) };
  };
  const gripped = (e, box) => {
    const rect = e.target.closest("rect");
    if (!rect || e.shiftKey) return "";
    const at = point(e, horizon).x - Number(rect.getAttribute("x"));
    const width = Number(rect.getAttribute("width"));
    return width < 3 * END ? "" : at < END ? "begins" : at > width - END ? "ends" : "";
  };

  const moved = (e) => {
    const it = e.target.closest("[data-spot], [data-slide], [data-part]");
    if (!it) return null;
    const key = e.type === "keydown";
    const way = it.dataset.spot ? stand(it) : it.dataset.slide ? slide(it) : part(it, key ? (e.shiftKey ? "ends" : "") : gripped(e, it));
    return { it, way, step: it.dataset.part ? (5 * WIDE) / 360 : STEP };
  };

  function point(e, svg) {
    return new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM().inverse());
  }

  const listen = (svg) => {
    svg.addEventListener("pointerdown", (e) => {
      const held = moved(e);
      if (!held) return;
      e.preventDefault();
      held.it.focus();
      held.it.classList.add("dragged");
      let last = point(e, svg);
      let any = false;
      const move = (m) => {
        const now = point(m, svg);
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

    svg.addEventListener("keydown", (e) => {
      const held = moved(e);
      if (!held) return;
      if (e.key === "Enter" || e.key === " ") {
        e.preventDefault();
        held.way.keep();
      } else if (ways[e.key]) {
        e.preventDefault();
        held.way.by(ways[e.key][0] * held.step, ways[e.key][1] * held.step);
      }
    });
  };
  const ways = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  [room, horizon].filter(Boolean).forEach(listen);
})();
