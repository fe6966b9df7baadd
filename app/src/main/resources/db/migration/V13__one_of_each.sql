-- One open run to a machine and to a platform, one recipe to what it is made of, whoever asks at the same moment.
alter table run add column open_machine varchar(64);
alter table run add column open_platform varchar(64);
update run set open_machine = machine_id where status = 'OPEN' and machine_id <> '' and created_at = (
    select max(r.created_at) from run r where r.status = 'OPEN' and r.machine_id = run.machine_id);
update run set open_platform = platform_id where status = 'OPEN' and platform_id <> '' and created_at = (
    select max(r.created_at) from run r where r.status = 'OPEN' and r.platform_id = run.platform_id);
create unique index run_open_machine on run (open_machine);
create unique index run_open_platform on run (open_platform);
alter table set_up add column recipe_of varchar(600);
create unique index set_up_recipe_of on set_up (recipe_of);
