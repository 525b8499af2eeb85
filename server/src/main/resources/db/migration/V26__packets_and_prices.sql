-- A packet by weight promises less than it is filled with.
alter table packing_run add grams numeric(12,3) check (grams > 0);

-- What a list asks for a variety, where it is not its share of the price on the packet. No price: it is again.
create table list_price (
    id uuid primary key,
    version integer not null,
    price_list_id uuid not null references price_list,
    variety_id uuid not null references variety,
    seeds integer check (seeds > 0),
    by_weight boolean not null,
    price numeric(12,2) check (price >= 0),
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null,
    check (not by_weight or seeds is null)
);
create unique index list_price_of on list_price (price_list_id, variety_id, by_weight, coalesce(seeds, 0));
