-- What a lot's sales come to, and who has some, is answered from the index alone.
create index sale_of_lot on sale (lot_id, packing_run_id) include (packets, bulk, price, sold_on, customer_id, id);
drop index sale_lot;

-- Sales are read newest first.
create index sale_newest on sale (sold_on, id);
drop index sale_sold_on;
