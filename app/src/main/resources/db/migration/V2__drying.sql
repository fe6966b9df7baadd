create table drying (
    id varchar(64) primary key,
    name varchar(120) not null,
    stock_id varchar(64),
    coat_mm double precision not null,
    celsius double precision not null,
    humidity double precision not null,
    stencilled boolean not null,
    spread_at timestamp with time zone not null,
    dry_at timestamp with time zone,
    version bigint not null
);
