-- What a studio starts new classes from, and which of the accepted ways it works: checked by the application's schema on reading and writing.
alter table studios add column settings jsonb not null default '{}';
