-- A name is one however its letters are written: large or small, dotted or not.
alter table account add column folded_name varchar(120);
update account set folded_name = replace(translate(lower(normalize(name, NFKC)), 'ı', 'i'), U&'\0307', '');
alter table account alter column folded_name set not null;
drop index account_name;
create unique index account_name on account (folded_name);

-- Tries are noted before the password is looked at; those that were right are taken away again.
drop table login_attempt;
create table door_try (
    id uuid primary key,
    name varchar(120) not null,
    source varchar(60) not null,
    tried_at timestamptz not null
);
create index door_try_recent on door_try (tried_at);

-- Devices somebody has signed in on before, by a digest of the secret that each of them keeps.
create table known_device (
    id uuid primary key,
    digest bytea not null,
    account_id uuid not null references account,
    known_since timestamptz not null,
    unique (digest, account_id)
);
create index known_device_account on known_device (account_id);
