-- Two things are told of a heater: how long from cold, and how long until it is ready again between pulls.
alter table told add column kind varchar(16) default 'FROM_COLD' not null;
