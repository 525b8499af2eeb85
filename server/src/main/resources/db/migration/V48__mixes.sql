-- Seed of several crops or varieties in one bag, under a number of its own. What went into it is withdrawn from its lots.
create table mix (
    id uuid primary key,
    version integer not null,
    number varchar(20) not null unique,
    folded varchar(20) not null unique,
    name varchar(80) not null,
    mixed_on date not null,
    seeds_per_square_metre integer check (seeds_per_square_metre > 0),
    note varchar(300) not null,
    hold_reason varchar(300),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
select watch_changes('mix');

alter table taking drop constraint taking_why_check;
alter table taking
    add mix_id uuid references mix,
    add constraint taking_why_check check (why in ('SOWN', 'TESTED', 'SPOILT', 'MIXED', 'COUNTED')),
    add constraint taking_mixed check ((why = 'MIXED') = (mix_id is not null));
create index taking_mix on taking (mix_id) where mix_id is not null;

create table mix_packing (
    id uuid primary key,
    version integer not null,
    mix_id uuid not null references mix,
    packed_on date not null,
    grams numeric(14, 3) not null check (grams > 0),
    packets integer not null check (packets >= 0),
    taken numeric(14, 3) not null check (taken >= 0),
    price numeric(12, 2) not null check (price >= 0),
    sow_by integer not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index mix_packing_mix on mix_packing (mix_id);
select watch_changes('mix_packing');

-- Packets of a packing, or grams; nothing at all where it never left.
create table mix_sale (
    id uuid primary key,
    version integer not null,
    mix_id uuid not null references mix,
    mix_packing_id uuid references mix_packing,
    customer_id uuid not null references customer,
    kind varchar(10) not null check (kind in ('SALE', 'GIFT', 'SWAP')),
    sold_on date not null,
    packets integer check (packets >= 0),
    bulk numeric(14, 3) check (bulk >= 0),
    price numeric(12, 2) not null check (price >= 0),
    note varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((packets is null) = (mix_packing_id is null) and (packets is null) <> (bulk is null))
);
create index mix_sale_mix on mix_sale (mix_id);
create index mix_sale_customer on mix_sale (customer_id);
create index mix_sale_packing on mix_sale (mix_packing_id);
select watch_changes('mix_sale');
select watch_lots('mix_sale', 'select t.lot_id from touched m join taking t on t.mix_id = m.mix_id');

-- What of each lot is with others: by itself, or its share of a mix, grams then.
create view handed_over as
select s.customer_id, s.lot_id, null::uuid as mix_id, s.sold_on, coalesce(s.packets, 0) as packets,
    coalesce(s.bulk, 0) as bulk, s.price
from sale s
where s.packets > 0 or s.bulk > 0
union all
select m.customer_id, t.lot_id, m.mix_id, m.sold_on, 0,
    round(coalesce(m.bulk, m.packets * p.grams) * t.mass / w.mass, 3),
    round(m.price * t.mass / w.mass, 4)
from mix_sale m
join taking t on t.mix_id = m.mix_id and t.mass > 0
join lateral (select sum(a.mass) as mass from taking a where a.mix_id = m.mix_id) w on true
left join mix_packing p on p.id = m.mix_packing_id
where m.packets > 0 or m.bulk > 0;
