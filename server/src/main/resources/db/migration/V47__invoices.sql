-- What stands at the head and the foot of every invoice; taxes as a list of what each is called and its percent.
create table letterhead (
    id uuid primary key,
    version integer not null,
    address varchar(300) not null,
    tax_number varchar(60) not null,
    bank varchar(300) not null,
    payment_days integer not null check (payment_days between 0 and 365),
    taxes varchar(300) not null,
    within boolean not null,
    closing varchar(300) not null,
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
select watch_changes('letterhead');

create table invoice_serial (
    year integer primary key,
    last integer not null
);
select watch_changes('invoice_serial');

-- Of deliveries of an order, from the first to the last; what it came to, and how it was taxed, stays as it was sent.
create table invoice (
    id uuid primary key,
    version integer not null,
    number varchar(12) not null unique,
    seed_order_id uuid not null references seed_order (id),
    first_delivery integer not null check (first_delivery > 0),
    last_delivery integer not null check (last_delivery >= first_delivery),
    invoiced_on date not null,
    due_on date not null check (due_on >= invoiced_on),
    goods numeric not null check (goods >= 0),
    taxes varchar(300) not null,
    within boolean not null,
    to_pay numeric not null check (to_pay >= 0),
    paid_on date,
    cancelled_because varchar(300) not null default '',
    recorded_at timestamptz not null,
    recorded_by varchar(60) not null
);
create index invoice_order on invoice (seed_order_id);
create index invoice_unpaid on invoice (due_on) where paid_on is null and cancelled_because = '';
select watch_changes('invoice');
