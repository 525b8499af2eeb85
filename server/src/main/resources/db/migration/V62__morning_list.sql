-- Through whom the farm sends mail, and who has the day's work sent in the morning.
create table mail_server (
    id uuid primary key,
    version integer not null,
    sends boolean not null,
    host varchar(120) not null,
    port integer not null check (port between 1 and 65535),
    safety varchar(8) not null check (safety in ('TLS', 'STARTTLS', 'NONE')),
    user_name varchar(120) not null,
    password varchar(200) not null,
    password_since timestamptz,
    sender varchar(254) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index on mail_server (recorded_at);
select watch_changes('mail_server');

create table morning_list (
    name varchar(60) primary key,
    address varchar(254) not null,
    at time not null,
    leads_to varchar(200) not null,
    sent_on date,
    tried_at timestamptz,
    trouble varchar(300)
);
