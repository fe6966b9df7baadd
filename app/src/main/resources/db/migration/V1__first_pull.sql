create table kit_item (
    id varchar(64) primary key,
    shelf varchar(16) not null,
    body clob not null,
    retired boolean not null,
    place int not null,
    version bigint not null
);

create table set_up (
    id varchar(64) primary key,
    name varchar(120) not null,
    draft clob not null,
    proven boolean not null,
    touched_at timestamp with time zone not null,
    version bigint not null
);

create table belief (
    id varchar(140) primary key,
    press_id varchar(64) not null,
    platform_id varchar(64) not null,
    crowd clob not null,
    pulls int not null,
    version bigint not null
);

create table run (
    id varchar(64) primary key,
    title varchar(120) not null,
    snapshot clob not null,
    status varchar(16) not null,
    step int not null,
    step_started_at timestamp with time zone not null,
    soaked_seconds double precision,
    ticked clob not null,
    created_at timestamp with time zone not null,
    version bigint not null
);

create table pull (
    id varchar(64) primary key,
    number int not null unique,
    logged_at timestamp with time zone not null,
    run_id varchar(64) unique,
    press_id varchar(64) not null,
    platform_id varchar(64) not null,
    plate_id varchar(64) not null,
    stock_id varchar(64) not null,
    film_id varchar(64) not null,
    title varchar(300) not null,
    outcome varchar(16) not null,
    amount varchar(16) not null,
    coverage double precision,
    spill_mm double precision,
    faults clob not null,
    note varchar(2000) not null,
    position double precision not null,
    expected_under double precision not null,
    expected_clean double precision not null,
    expected_over double precision not null,
    proven boolean not null,
    pictured boolean not null,
    snapshot clob not null,
    version bigint not null
);
create index pull_plate on pull (plate_id, number);
create index pull_stock on pull (stock_id, number);
create index pull_film on pull (film_id, number);
create index pull_outcome on pull (outcome, number);

create table picture (
    pull_id varchar(64) primary key,
    bytes blob not null
);

create table preferences (
    id int primary key,
    length varchar(8) not null,
    temperature varchar(8) not null,
    weight varchar(16) not null,
    theme varchar(8) not null,
    sound varchar(8) not null,
    bias varchar(8) not null,
    room_celsius double precision not null,
    version bigint not null
);
insert into preferences values (1, 'MM', 'C', 'GSM', 'LIGHT', 'SOFT', 'OVER', 21, 0);

create table device (
    id varchar(80) primary key,
    state clob not null
);

create table bench_clock (
    id int primary key,
    real_at timestamp with time zone not null,
    bench_at timestamp with time zone not null,
    speed double precision not null
);
