create table evening (
    id varchar(64) primary key,
    body clob not null,
    planned_at timestamp with time zone not null,
    version bigint not null
);
