// Sets the theme before the first paint.
(() => {
  const stored = localStorage.getItem("theme");
  if (stored) document.documentElement.dataset.bsTheme = stored;
})();
