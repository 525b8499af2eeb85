-- Plants are chosen from rows of progeny, and rows sown from chosen plants: a whole farm is read table by table, so one
-- of the two is checked once both are there.
alter table candidate alter constraint candidate_from_row_id_fkey deferrable initially immediate;
