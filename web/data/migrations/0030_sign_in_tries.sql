-- Wrong tries are counted, right ones are not: what was counted beforehand is taken back when the password was right.
create index sign_in_attempts_at on sign_in_attempts (at);

create function attempts_of(wanted text, seconds integer) returns integer
  language sql stable security definer set search_path = public as
  $$ select count(*)::integer from sign_in_attempts where key = wanted and at > now() - make_interval(secs => seconds) $$;

-- The newest of them, so many.
create function forgive_attempts(wanted text, most integer) returns void
  language sql volatile security definer set search_path = public as
  $$ delete from sign_in_attempts where ctid in (select ctid from sign_in_attempts where key = wanted order by at desc limit most) $$;

revoke all on function attempts_of, forgive_attempts from public;
grant execute on function attempts_of, forgive_attempts to elm_app;
