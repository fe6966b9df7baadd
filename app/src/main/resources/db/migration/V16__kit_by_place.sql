-- The kit is looked through after every change of it: where nothing changed, without what its things are.
create index kit_by_place on kit_item (place, id, shelf, retired, version);
