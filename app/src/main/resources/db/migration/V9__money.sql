-- The sign that a person writes money with.
alter table preferences add column money varchar(8) default '' not null;
