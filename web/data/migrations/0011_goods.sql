-- The shelf: what a studio has and how it buys it, once for all its classes; a ledger of every movement; what classes are promised.

create table goods (
  id uuid primary key default gen_random_uuid(),
  studio_id uuid not null references studios on delete cascade,
  kind text not null check (kind in ('film', 'tape', 'blank', 'paint', 'part', 'consumable', 'packaging', 'tool', 'blade', 'mat')),
  name text not null check (char_length(name) between 1 and 120),
  unit text not null default 'piece' check (char_length(unit) <= 20),
  -- what film it is; checked by the application's schema
  film jsonb,
  -- shop, size and price of a pack; the first is the usual one
  offers jsonb not null default '[]',
  reorder_at numeric(14, 4) check (reorder_at >= 0),
  -- the sum of its movements, kept by them alone
  on_hand numeric(14, 4) not null default 0 check (on_hand >= 0),
  -- put there by the host, and not only because a class named it
  kept boolean not null default false,
  put_away_at timestamptz,
  version integer not null default 1,
  created_at timestamptz not null default clock_timestamp(),
  unique (studio_id, id),
  check ((kind = 'film') = (film is not null))
);
create unique index goods_named on goods (studio_id, lower(name), lower(unit)) where film is null;
create index goods_films on goods (studio_id, lower(name)) where film is not null;

create table stock_moves (
  id bigint generated always as identity primary key,
  studio_id uuid not null references studios on delete cascade,
  good_id uuid not null,
  at timestamptz not null default clock_timestamp(),
  kind text not null check (kind in ('received', 'counted', 'taken', 'spoiled', 'returned')),
  change numeric(14, 4) not null check (change <> 0),
  -- the marked work it belongs to: load:<hash>, kit:<seat>, room
  work text,
  workshop_id uuid,
  note text not null default '' check (char_length(note) <= 300),
  foreign key (studio_id, good_id) references goods (studio_id, id),
  foreign key (studio_id, workshop_id) references workshops (studio_id, id) on delete set null (workshop_id),
  check (work is null or workshop_id is not null)
);
create index stock_moves_good on stock_moves (good_id, id desc);
create index stock_moves_work on stock_moves (workshop_id, work) where work is not null;

-- Goods and what there is of each are one: a movement that would leave less than nothing is refused by the check on the good.
create function move_stock() returns trigger language plpgsql security definer set search_path = public as $$
begin
  update goods set on_hand = on_hand + new.change where id = new.good_id;
  return new;
end $$;
create trigger stock_moves_move after insert on stock_moves for each row execute function move_stock();
revoke all on function move_stock from public;

alter table workshop_vinyls add column vinyl text, add column good_id uuid, add column offer text;
alter table supplies add column good_id uuid, add column offer text;
-- What the last plan needs of each line, for what is promised to whom.
alter table workshops add column needs jsonb not null default '{}', add column room_packed_at timestamptz;

-- Scraps that a load lies on, for what is promised to whom.
alter table sheets add column scrap_labels text[] not null default '{}';
alter table sheets no force row level security;
update sheets set scrap_labels = array(select s->>'label' from jsonb_array_elements(meta->'scraps') s) where meta->'scraps' is not null and meta->'scraps' <> '[]';
alter table sheets force row level security;
create index sheets_scraps on sheets (studio_id) where scrap_labels <> '{}';

-- The owner runs migrations, and row security is forced on it, too.
alter table vinyls no force row level security;
alter table workshop_vinyls no force row level security;
alter table supplies no force row level security;
alter table workshops no force row level security;

create temp table film_goods on commit drop as
  select studio_id, body->>'name' as name,
    jsonb_strip_nulls(jsonb_build_object('family', body->'family', 'colour', body->'colour', 'turns', coalesce(body->'turns', '"free"'), 'passes', coalesce(body->'passes', '1'), 'backing', body->'backing', 'adhesive', body->'adhesive',
      'stock', (body->'stock') - 'have' - 'price')) as film,
    max((body->'stock'->>'have')::numeric) as have, max((body->'stock'->>'price')::bigint) as price
  from vinyls where exists (select 1 from workshop_vinyls w where w.vinyl_id = vinyls.id) group by 1, 2, 3;
insert into goods (studio_id, kind, name, unit, film, offers)
  select studio_id, 'film', name, case film->'stock'->>'kind' when 'roll' then 'roll' else 'sheet' end, film,
    jsonb_build_array(jsonb_strip_nulls(jsonb_build_object('id', 'a', 'shop', '', 'size', 1, 'price', price))) from film_goods;
insert into stock_moves (studio_id, good_id, kind, change, note)
  select g.studio_id, g.id, 'counted', f.have, 'What its classes said.' from goods g join film_goods f on f.studio_id = g.studio_id and f.name = g.name and f.film = g.film where f.have > 0;
update workshop_vinyls w set vinyl = v.body->>'id', offer = 'a', good_id = g.id
  from vinyls v, goods g where v.id = w.vinyl_id and g.studio_id = v.studio_id and g.name = v.body->>'name'
  and g.film = jsonb_strip_nulls(jsonb_build_object('family', v.body->'family', 'colour', v.body->'colour', 'turns', coalesce(v.body->'turns', '"free"'), 'passes', coalesce(v.body->'passes', '1'), 'backing', v.body->'backing', 'adhesive', v.body->'adhesive',
      'stock', (v.body->'stock') - 'have' - 'price'));

create temp table supply_goods on commit drop as
  select studio_id, lower(body->>'name') as named, lower(coalesce(body->>'unit', 'piece')) as counted, min(body->>'name') as name, min(coalesce(body->>'unit', 'piece')) as unit,
    max(coalesce((body->>'have')::numeric, 0)) as have, bool_or(body->>'per' = 'application') as tape, max(coalesce((body->>'uses')::int, 1)) as uses,
    (array_agg(coalesce(body->'pack', '{"size": 1}') order by (body->'pack'->>'price') is null, position))[1] as pack
  from supplies group by 1, 2, 3;
insert into goods (studio_id, kind, name, unit, offers)
  select studio_id, case when tape then 'tape' when uses > 1 then 'tool' when named ~ '\m(paint|primer|varnish|spray|sealer|medium)\M' then 'paint' when named ~ '\m(bag|box|envelope|label|card)s?\M' then 'packaging' else 'consumable' end,
    name, unit, jsonb_build_array(jsonb_build_object('id', 'a', 'shop', '') || pack) from supply_goods;
insert into stock_moves (studio_id, good_id, kind, change, note)
  select g.studio_id, g.id, 'counted', s.have, 'What its classes said.' from goods g join supply_goods s on s.studio_id = g.studio_id and s.named = lower(g.name) and s.counted = lower(g.unit) where g.film is null and s.have > 0;
update supplies s set good_id = g.id, offer = 'a', body = s.body - 'name' - 'unit' - 'pack' - 'have'
  from goods g where g.film is null and g.studio_id = s.studio_id and lower(g.name) = lower(s.body->>'name') and lower(g.unit) = lower(coalesce(s.body->>'unit', 'piece'));

alter table workshop_vinyls drop column vinyl_id, alter column vinyl set not null, alter column good_id set not null,
  add foreign key (studio_id, good_id) references goods (studio_id, id);
alter table supplies alter column good_id set not null, add foreign key (studio_id, good_id) references goods (studio_id, id);
drop table vinyls;

alter table workshop_vinyls force row level security;
alter table supplies force row level security;
alter table workshops force row level security;

-- Older entries hold what goods were then: putting them back would rewrite the shelf.
alter table edits no force row level security;
delete from edits where part = 'class';
alter table edits force row level security;

do $$
declare t text;
begin
  foreach t in array array['goods', 'stock_moves'] loop
    execute format('alter table %I enable row level security', t);
    execute format('alter table %I force row level security', t);
    execute format('create policy own_studio on %I using (studio_id = current_studio()) with check (studio_id = current_studio())', t);
  end loop;
end $$;
-- How much is there is changed by movements only, and movements are only added.
grant select, insert, delete on goods to elm_app;
grant update (kind, name, unit, film, offers, reorder_at, kept, put_away_at, version) on goods to elm_app;
grant select, insert on stock_moves to elm_app;
grant usage on all sequences in schema public to elm_app;
