-- Which rigs are plausible changes now and then, how plausible each of them is with every pull.
create table crowd (
    id varchar(140) primary key,
    rigs clob not null
);
insert into crowd (id, rigs) select id, crowd from belief;
alter table belief add column crowd_id varchar(140);
update belief set crowd_id = id;
alter table belief alter column crowd_id set not null;
-- None: as plausible as they are written.
alter table belief add column weights clob default '' not null;
alter table belief drop column crowd;
alter table belief add foreign key (crowd_id) references crowd (id);
-- A kit is read by key now.
drop index kit_by_place;
