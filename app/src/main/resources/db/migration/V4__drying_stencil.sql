alter table drying add column stencil_id varchar(64);
