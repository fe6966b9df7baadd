create table job (
    id varchar(64) primary key,
    body clob not null,
    place int not null,
    version bigint not null
);
