-- The bench: pieces of film as they lie on it, each weeded by one pair of hands at a time.

create sequence film_versions;
create table films (
  studio_id uuid not null,
  workshop_id uuid not null,
  -- the kit's name and the film's: 3:gold, 3+tag.2:gold, recut-1:gold
  film text not null,
  -- whose bag it ends up in
  seat text not null,
  thing text not null,
  copy integer not null,
  vinyl text not null,
  part integer,
  sheet integer,
  position integer not null,
  again boolean not null default false,
  content_hash text not null,
  weed jsonb not null,
  minutes double precision not null,
  planned boolean not null default true,
  cut_hash text,
  weeding_since timestamptz,
  weeding_seconds double precision not null default 0,
  weeded_hash text,
  weeded_at timestamptz,
  weeded_by text,
  flawed boolean not null default false,
  -- whose hands it is in, as long as the device is heard of
  held_by text check (char_length(held_by) <= 40),
  held_name text check (char_length(held_name) <= 60),
  heard_at timestamptz,
  -- who had it and was given up for lost: what that device finished meanwhile counts
  lost_by text,
  version bigint not null default 0,
  primary key (workshop_id, film),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index films_seat on films (workshop_id, seat);
create index films_version on films (workshop_id, version);

-- A mark that comes twice, because its first answer was lost on the way, counts once.
create table bench_marks (
  studio_id uuid not null,
  workshop_id uuid not null,
  mark text not null check (mark ~ '^[A-Za-z0-9-]{8,40}$'),
  at timestamptz not null default now(),
  primary key (workshop_id, mark),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
create index bench_marks_at on bench_marks (at);

do $$
declare t text;
begin
  foreach t in array array['films', 'bench_marks'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;
grant select, insert, update, delete on films to elm_app;
grant select, insert, delete on bench_marks to elm_app;
grant usage on all sequences in schema public to elm_app;

-- Whoever follows a bench asks for what is newer than what it has; all server processes are told in the same transaction.
create function count_film() returns trigger language plpgsql as $$
begin
  new.version := nextval('film_versions');
  return new;
end $$;
create trigger films_count before insert on films for each row execute function count_film();
-- That a device was heard of is nobody else's news.
create trigger films_recount before update on films for each row when (to_jsonb(new) - 'heard_at' <> to_jsonb(old) - 'heard_at') execute function count_film();
create function tell_bench() returns trigger language plpgsql as $$
begin
  perform pg_notify('elm_bench', new.workshop_id::text);
  return null;
end $$;
create trigger films_tell after insert on films for each row execute function tell_bench();
create trigger films_retell after update on films for each row when (new.version <> old.version) execute function tell_bench();

-- Which film a piece lies on.
alter table pieces add column film text not null default '';

alter table tokens drop constraint tokens_kind_check;
alter table tokens add constraint tokens_kind_check check (kind in ('follow', 'choose', 'bench'));
