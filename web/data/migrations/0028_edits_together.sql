-- A change of several parts of a class is one act of the host: put back, and done again, by one press.
alter table edits add column follows boolean not null default false;
