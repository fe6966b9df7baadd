-- Which way to err may follow from how foil and stock contrast; who never chose gets that.
alter table preferences alter column bias set data type varchar(16);
update preferences set bias = 'BY_CONTRAST' where bias = 'OVER' and version = 0;
-- What is used by the drop and by the strip, by rules of thumb that can be corrected.
alter table preferences add column gel_waste double precision default 1.3 not null;
alter table preferences add column tape_cm double precision default 8 not null;
alter table preferences add column pulls_a_parchment double precision default 10 not null;
alter table preferences add column ink_ml_per_cm2 double precision default 0.002 not null;
