-- What a stack goes through may be rollers too.
alter table belief alter column press_id rename to machine_id;
alter table pull alter column press_id rename to machine_id;
alter table run alter column soaked_seconds rename to warmed_seconds;
