-- What was read off a pull's picture, what to do with it, why it came out so, and what is changed for the next.
alter table pull add column read_off clob;
alter table pull add column verdict varchar(16);
alter table pull add column cause varchar(24);
alter table pull add column tried_next varchar(24);
alter table pull add column route varchar(24) default '' not null;
update pull set route = coalesce(regexp_substr(cast(snapshot as varchar), '"route"\s*:\s*"([A-Z_]+)"', 1, 1, '', 1), '');
create index pull_of_route on pull (route, number);
