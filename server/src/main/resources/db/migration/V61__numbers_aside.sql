-- Lot numbers that lie on phones, for seed that is picked where there is no signal.
create table number_aside (
    folded varchar(20) primary key,
    number varchar(24) not null,
    season integer not null,
    crop_code varchar(3) not null,
    phone uuid not null,
    aside_at timestamptz not null,
    aside_for varchar(60) not null
);
create index on number_aside (phone, season, crop_code);
