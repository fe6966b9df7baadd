-- What was cut short in the run of a pull: sentences, as JSON.
alter table pull add column cut_short clob default '[]' not null;
-- The luck of a run's stand-ins, where somebody gave it.
alter table run add column seed bigint;
