-- What is ticked off the shopping list comes in once, however often it is pressed, and can be taken back once.
do $$
declare name text;
begin
  select conname into name from pg_constraint where conrelid = 'stock_moves'::regclass and contype = 'c' and pg_get_constraintdef(oid) like '%work IS NULL%';
  execute format('alter table stock_moves drop constraint %I', name);
end $$;
alter table stock_moves add constraint stock_moves_work_check check (work is null or workshop_id is not null or work ~ '^(bought|unbought):[A-Za-z0-9-]{8,40}$');
create unique index stock_moves_bought on stock_moves (studio_id, work) where work like 'bought:%' or work like 'unbought:%';
