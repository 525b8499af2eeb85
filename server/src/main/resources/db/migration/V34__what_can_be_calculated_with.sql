-- What the rules calculate with is kept within what they take, also where no form was asked: each of these values, wrong in
-- one row, would leave pages of the whole farm without an answer. Rows of earlier versions are not asked.
alter table farm add constraint farm_climate check (
    climate_mean between -20 and 35 and climate_amplitude between 0 and 30
    and climate_coldest_day between 1 and 365 and climate_half between 0 and 20) not valid;

alter table plot add constraint plot_position_error check (position_error between 0 and 100) not valid;
alter table neighbour add constraint neighbour_in_bloom check (bloom_first <= bloom_last) not valid;
alter table neighbour add constraint neighbour_size check (
    area > 0 and area <= 10000000 and position_error between 0 and 400) not valid;

alter table planting add constraint planting_shares check (
    germination > 0 and germination <= 100 and selected > 0 and selected <= 1 and dropped >= 0) not valid;
alter table planting add constraint planting_years check (
    season between 2000 and 2099 and sown_on between make_date(season - 3, 1, 1) and make_date(season, 12, 31)
    and cleared_on >= sown_on) not valid;

alter table bud_evening_plant add constraint bud_evening_plant_most check (
    plant between 1 and 100000 and females <= 200 and males <= 200) not valid;
alter table walk add constraint walk_shedding check (shedding_since <= walked_on) not valid;

alter table step add constraint step_weights check (mass_out <= mass_in + water_added) not valid;
alter table step add constraint step_measures check (
    moisture_in between 0 and 99.9 and moisture_out between 0 and 99.9 and temperature between -30 and 80
    and (kind <> 'FERMENT' or temperature between 5 and 40)) not valid;
alter table reading add constraint reading_sense check (case quantity
    when 'MASS' then reading_value > 0 and reading_value <= 1000000000
    when 'MASH' then reading_value between 5 and 40
    when 'AIR' then reading_value between 0 and 50
    when 'HUMIDITY' then reading_value between 0 and 100
    else true end) not valid;

alter table germination_test add constraint germination_test_seeds check (per_replicate between 1 and 1000) not valid;
alter table germination_test add constraint germination_test_days check (counted_on >= set_on) not valid;
alter table purity_test add constraint purity_test_parts check (
    pure >= 0 and other >= 0 and weed >= 0 and inert >= 0 and pure + other + weed + inert <= 1000000) not valid;
alter table cut_test add constraint cut_test_seeds check (sound + empty + eaten + shrunken between 10 and 10000) not valid;

-- Places in a list count from 0.
alter table step_by_product add constraint step_by_product_place check (place >= 0) not valid;
alter table walk_off_type add constraint walk_off_type_place check (place >= 0) not valid;
alter table bud_evening_plant add constraint bud_evening_plant_place check (place >= 0) not valid;
alter table flower_father add constraint flower_father_place check (place >= 0) not valid;
alter table score_visit_mark add constraint score_visit_mark_place check (place >= 0) not valid;
