-- What was answered to a request that changes records, so that the same request sent again is answered the same.
create table kept_answer (
    id uuid primary key,
    account text not null,
    digest bytea not null,
    status integer not null,
    content_type text,
    body bytea not null,
    kept_at timestamptz not null
);
create index kept_answer_kept_at on kept_answer (kept_at);
