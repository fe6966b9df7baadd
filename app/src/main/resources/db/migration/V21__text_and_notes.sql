-- How large everything is written, and which notes for newcomers were read.
alter table preferences add column text_size varchar(16) default 'NORMAL' not null;
alter table preferences add column notes_read varchar(4200) default '' not null;
