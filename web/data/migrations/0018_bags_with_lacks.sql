-- A bag that is closed though a film of it lacks, because that is noted, is packed as long as its letters stay as they were then.
alter table kits add column packed_hash text;
