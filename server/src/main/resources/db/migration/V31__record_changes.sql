-- Which kinds of records were written, by whatever wrote them: what was calculated from records holds as long as none of
-- them was. Rows are only added, so that nobody waits for anybody; they are added up, and now and then put together.
create table record_change (
    kind text not null,
    writes bigint not null default 1,
    at timestamptz not null default clock_timestamp()
);

create function note_change() returns trigger language plpgsql as $$
begin
    insert into record_change (kind) values (tg_table_name);
    return null;
end $$;

-- For every table of records there is; a later table makes its own with: select watch_changes('its_name')
create function watch_changes(watched text) returns void language plpgsql as $$
begin
    execute format(
        'create trigger changes after insert or update or delete or truncate on %I'
        ' for each statement execute function note_change()', watched);
end $$;

select watch_changes(table_name) from information_schema.tables
where table_schema = current_schema() and table_type = 'BASE TABLE'
    and table_name not in ('account', 'door_try', 'known_device', 'kept_answer', 'record_change', 'spring_session',
        'spring_session_attributes', 'flyway_schema_history');
