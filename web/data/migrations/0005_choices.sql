-- What a seat has of its own, participants' choices, a studio's own fonts.

alter table seats add column hand text check (hand in ('left', 'right'));
alter table seats add column own jsonb;
alter table workshops add column names_locked_at timestamptz;

alter table tokens drop constraint tokens_kind_check;
alter table tokens add constraint tokens_kind_check check (kind in ('follow', 'choose'));

-- What a participant asks for. Nothing of the class changes until the host takes it.
create table choices (
  id bigint generated always as identity primary key,
  studio_id uuid not null,
  workshop_id uuid not null,
  seat text not null,
  body jsonb not null,
  status text not null default 'open' check (status in ('open', 'taken', 'declined')),
  made_at timestamptz not null default now(),
  decided_at timestamptz,
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete cascade
);
-- One open choice a seat: the last word counts.
create unique index choices_open on choices (workshop_id, seat) where status = 'open';
create index choices_workshop on choices (workshop_id, id);

create table fonts (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  family text not null check (length(family) between 1 and 80),
  joined boolean not null,
  licence text not null check (length(licence) between 1 and 200),
  thin_share double precision not null,
  bytes bytea not null check (length(bytes) <= 4194304),
  created_at timestamptz not null default now()
);
create unique index fonts_family on fonts (studio_id, lower(family));

do $$
declare t text;
begin
  foreach t in array array['choices', 'fonts'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;
grant select, insert, update, delete on choices, fonts to elm_app;
grant usage on all sequences in schema public to elm_app;
