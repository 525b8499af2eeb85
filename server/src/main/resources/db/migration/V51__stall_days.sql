-- A day at the stall has a cash box, gifts, and a tally of what went over the table; seed comes back from customers.
alter table stall_day
    add float_cash numeric(12, 2) not null default 0 check (float_cash >= 0),
    add cash_counted numeric(12, 2) check (cash_counted >= 0),
    add paid_otherwise numeric(12, 2) not null default 0 check (paid_otherwise >= 0);
alter table stall_day_line
    add given integer not null default 0 check (given >= 0),
    add let_off numeric(12, 2) not null default 0 check (let_off >= 0),
    add gift_sale_id uuid references sale;
create index stall_day_line_gift on stall_day_line (gift_sale_id);

create table handed (
    id uuid primary key,
    version integer not null,
    at_once_id uuid not null,
    stall_day_line_id uuid not null references stall_day_line,
    packets integer not null check (packets > 0),
    gift boolean not null,
    price numeric(12, 2) not null check (price >= 0),
    handed_at timestamptz not null,
    taken_back boolean not null default false,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (not gift or price = 0)
);
create index handed_line on handed (stall_day_line_id);
create index handed_at_once on handed (at_once_id);
select watch_changes('handed');

-- What a customer brings back is a sale the other way round: its packets, its grams and its money below 0.
alter table sale add return_of_id uuid references sale;
do $$
declare
    one text;
begin
    for one in
        select conname from pg_constraint
        where conrelid = 'sale'::regclass and contype = 'c'
            and pg_get_constraintdef(oid) ~ '(packets >= 0)|(bulk >= \(0\))|(price >= \(0\))'
    loop
        execute format('alter table sale drop constraint %I', one);
    end loop;
end $$;
alter table sale add check (
    case when return_of_id is null then coalesce(packets, 0) >= 0 and coalesce(bulk, 0) >= 0 and price >= 0
    else coalesce(packets, 0) <= 0 and coalesce(bulk, 0) <= 0 and price <= 0 end);
create index sale_return_of on sale (return_of_id) where return_of_id is not null;

create or replace view handed_over as
select s.customer_id, s.lot_id, null::uuid as mix_id, s.sold_on, coalesce(s.packets, 0) as packets,
    coalesce(s.bulk, 0) as bulk, s.price
from sale s
where s.packets <> 0 or s.bulk <> 0
union all
select m.customer_id, t.lot_id, m.mix_id, m.sold_on, 0,
    round(coalesce(m.bulk, m.packets * p.grams) * t.mass / w.mass, 3),
    round(m.price * t.mass / w.mass, 4)
from mix_sale m
join taking t on t.mix_id = m.mix_id and t.mass > 0
join lateral (select sum(a.mass) as mass from taking a where a.mix_id = m.mix_id) w on true
left join mix_packing p on p.id = m.mix_packing_id
where m.packets > 0 or m.bulk > 0;

-- What seed plants bring besides their seed.
create table by_product_sale (
    id uuid primary key,
    version integer not null,
    planting_id uuid references planting,
    lot_id uuid references lot,
    sold_on date not null,
    amount numeric(12, 2) not null check (amount >= 0),
    what varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check ((planting_id is null) <> (lot_id is null))
);
create index by_product_sale_planting on by_product_sale (planting_id);
create index by_product_sale_lot on by_product_sale (lot_id);
select watch_changes('by_product_sale');
