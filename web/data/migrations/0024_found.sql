-- What was told as lost and was found after all, or was a slip of the finger: named by what it takes back.
alter table log_events drop constraint log_events_kind_check;
alter table log_events add constraint log_events_kind_check
  check (kind in ('cut', 'weeded', 'lost', 'found', 'checked', 'packed', 'recut', 'liveStart', 'liveStep', 'liveEnd', 'done', 'stuck', 'note'));
