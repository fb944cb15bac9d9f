-- Iron as labels print it, and the months for which slow-release grains last at 21 °C.
alter table feed_product
  add column fe double precision check (fe between 0 and 100),
  add column months double precision check (months between 0.5 and 36);

-- A closed case: the glass through which it gives off warmth, m2; left out where only its litres are known.
alter table place_air
  add column glass double precision check (glass > 0 and glass <= 500);
