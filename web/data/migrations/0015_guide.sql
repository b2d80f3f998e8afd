-- The thing a guided class is at; null where nobody is guided.
alter table workshops add column guide text check (guide ~ '^[a-z][a-z0-9-]{0,30}$');
