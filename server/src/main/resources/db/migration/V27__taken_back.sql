-- Deliveries are numbered on, whatever becomes of them.
alter table seed_order add deliveries integer not null default 0;
update seed_order o set deliveries = coalesce((
    select max(s.delivery)
    from order_line l join allocation a on a.order_line_id = l.id join sale s on s.id = a.sale_id
    where l.seed_order_id = o.id), 0);

-- Which sale the count of a stall day came to.
alter table stall_day_line add sale_id uuid references sale;
update stall_day_line l set sale_id = (
    select s.id
    from sale s join stall_day d on d.customer_id = s.customer_id and d.held_on = s.sold_on
    where d.id = l.stall_day_id and s.packing_run_id = l.packing_run_id and s.packets = l.taken - l.returned
        and s.delivery is null
    order by s.id
    limit 1)
where l.returned < l.taken;
create index stall_day_line_sale on stall_day_line (sale_id);
