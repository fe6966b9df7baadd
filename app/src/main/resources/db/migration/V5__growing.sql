-- Numbers that only ever grow, whoever asks at the same moment and whatever is taken in.
create sequence pull_number;
alter sequence pull_number restart with (select coalesce(max(number), 0) + 1 from pull);
create sequence taken_in;
