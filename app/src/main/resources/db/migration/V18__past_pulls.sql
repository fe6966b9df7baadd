-- Each forecast asks where the last few pulls of its plate, film and stock lay; in this order only the first few are read.
create index pull_alike on pull (plate_id desc, film_id desc, stock_id desc, number desc);
