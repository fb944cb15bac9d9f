// Draws what was read at a place, with the band that its plants wish.
document.addEventListener("DOMContentLoaded", () => {
  const charts = [...document.querySelectorAll("[data-series]")];
  if (charts.length === 0 || !window.uPlot) return;
  const colour = (name) => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

  const day = new Intl.DateTimeFormat("en-GB", { day: "numeric", month: "short" });
  const hour = new Intl.DateTimeFormat("en-GB", { hour: "2-digit", minute: "2-digit" });
  const when = (plot, splits, n, space, step) =>
    splits.map((at) => (step >= 86400 ? day : hour).format(new Date(at * 1000)));

  function wishes(series) {
    return {
      hooks: {
        drawClear: (plot) => {
          if (series.wishLow === null) return;
          const top = plot.valToPos(series.wishHigh ?? plot.scales.y.max, "y", true);
          const bottom = plot.valToPos(series.wishLow, "y", true);
          const within = (v) => Math.max(plot.bbox.top, Math.min(plot.bbox.top + plot.bbox.height, v));
          plot.ctx.save();
          plot.ctx.globalAlpha = 0.14;
          plot.ctx.fillStyle = colour("--leaf");
          plot.ctx.fillRect(plot.bbox.left, within(top), plot.bbox.width, within(bottom) - within(top));
          plot.ctx.restore();
        },
      },
    };
  }

  function draw(chart, series) {
    const axis = { stroke: colour("--mute"), grid: { stroke: colour("--line"), width: 1 }, font: "12px sans-serif" };
    const line = colour("--water");
    const plot = new uPlot(
      {
        width: chart.clientWidth,
        height: 220,
        plugins: [wishes(series)],
        legend: { live: true },
        series: [
          { value: "{YYYY}-{MM}-{DD} {HH}:{mm}" },
          { label: "mean", stroke: line, width: 2 },
          { label: "least", stroke: "transparent" },
          { label: "most", stroke: "transparent" },
        ],
        bands: [{ series: [3, 2], fill: `${line}33` }],
        axes: [{ ...axis, values: when }, { ...axis, size: 46 }],
      },
      [series.at, series.mean, series.low, series.high],
      chart,
    );
    new ResizeObserver(() => plot.setSize({ width: chart.clientWidth, height: 220 })).observe(chart);
  }

  fetch(charts[0].dataset.from)
    .then((reply) => reply.json())
    .then((all) => charts.forEach((chart) => draw(chart, all.find((series) => series.gauge === chart.dataset.series))))
    .catch(() => charts.forEach((chart) => (chart.textContent = "The chart did not come; load the page again.")));
});
