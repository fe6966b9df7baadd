-- What is short is kept in its row. Beside it, each reading is written down and forgotten again, and the more there is the longer a change takes.
set max_length_inplace_lob 16384;
update kit_item set body = body || '';
update set_up set draft = draft || '';
update run set snapshot = snapshot || '', ticked = ticked || '';
update job set body = body || '';
update pull set faults = faults || '', snapshot = snapshot || '', read_off = read_off || '';
-- The logbook is looked through from its end.
create index pull_number on pull (number);
