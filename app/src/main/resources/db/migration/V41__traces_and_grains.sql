-- Iron as labels print it, and the months for which slow-release grains last at 21 °C.
alter table feed_product
  add column fe double precision check (fe between 0 and 100),
  add column months double precision check (months between 0.5 and 36);
