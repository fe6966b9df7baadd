-- A run may make many pulls; where it stands is one writing.
alter table run add column state clob;
update run set state = '{"step":' || step || ',"warming":true,"left":' || case when status = 'LEFT' then 'true' else 'false' end
    || ',"wanted":1,"good":0,"rejected":0,"pressed":[],"out":false,"warmedSeconds":'
    || coalesce(cast(warmed_seconds as varchar), 'null') || '}';
alter table run alter column state set not null;
alter table run drop column step;
alter table run drop column warmed_seconds;
alter table run add column machine_id varchar(64) default '' not null;
alter table run add column platform_id varchar(64) default '' not null;
alter table run add column simulated boolean default false not null;
alter table run add column scrap boolean default false not null;
-- So many pulls may come of one run.
alter table pull add column of_run varchar(64);
update pull set of_run = run_id;
alter table pull drop column run_id;
create index pull_of_run on pull (of_run, number);
-- What people say of their heaters: how long they took from cold.
create table told (
    id varchar(64) primary key,
    heater_id varchar(64) not null,
    seconds double precision not null,
    told_at timestamp with time zone not null
);
create index told_of_heater on told (heater_id, told_at);
