package theriseed.server.done;

import java.util.List;
import java.util.stream.Stream;

/**
 * A kind of record, and how the database finds what such a record is about: a lot, a planting, or something with a name.
 *
 * @param table it is kept in, {@code t} in what follows
 * @param id of the record, as SQL
 * @param lot the id of the lot it is about
 * @param planting the id of the planting
 * @param named the name of what else it is about
 */
record DoneKind(String table, String id, String lot, String planting, String named) {
    private static final String NONE = "null";
    private static final String ID = "t.id";

    /** Every kind there is, but for parts of another and what corrections replaced. */
    static final List<DoneKind> ALL = Stream.of(
                    ofLots(
                            "arrival",
                            "cut_test",
                            "germination_test",
                            "grow_out_test",
                            "lot_chain",
                            "moisture_test",
                            "overruling",
                            "packing_run",
                            "pick",
                            "purity_test",
                            "sale",
                            "seed_weight_test",
                            "step",
                            "weevil_look",
                            "container"),
                    ofPlantings(
                            "bloom_look",
                            "bud_evening",
                            "candidate",
                            "cover",
                            "flower",
                            "plant_count",
                            "plant_seed",
                            "pollination_aim",
                            "progeny_trial",
                            "ripening_visit",
                            "seed_from_elsewhere",
                            "store_look",
                            "suspect_ring",
                            "walk"),
                    Stream.of("by_product_sale", "outlay", "withdrawal", "work_done")
                            .map(table -> new DoneKind(table, ID, "t.lot_id", "t.planting_id", NONE)),
                    Stream.of("customer", "mix", "plot", "price_list", "scheme", "shelf", "variety", "farm", "account")
                            .map(table -> named(table, "t.name")),
                    Stream.of(
                            new DoneKind("lot", ID, "t.id", NONE, NONE),
                            new DoneKind("planting", ID, NONE, "t.id", NONE),
                            new DoneKind("told", ID, "t.lot_id", NONE, NONE),
                            new DoneKind("transfer", ID, "t.to_lot_id", NONE, NONE),
                            new DoneKind("mix_up", ID, "t.first_lot_id", NONE, NONE),
                            new DoneKind("reading", ID, via("lot_id", "step"), NONE, NONE),
                            new DoneKind("setting_check", ID, via("lot_id", "step"), NONE, NONE),
                            new DoneKind("wash", ID, via("lot_id", "step"), NONE, NONE),
                            new DoneKind("container_stay", ID, via("lot_id", "container"), NONE, NONE),
                            new DoneKind("cover_event", ID, NONE, via("planting_id", "cover"), NONE),
                            new DoneKind(
                                    "score_visit",
                                    ID,
                                    NONE,
                                    "(select planting_id from candidate where id = t.of_id)",
                                    via("name", "trait")),
                            named("shelf_reading", via("name", "shelf")),
                            named("bed", via("name", "plot")),
                            named("barrier", "t.name"),
                            named("neighbour", "t.name"),
                            named("trait", via("name", "variety")),
                            named("variety_demand", via("name", "variety")),
                            named("mix_packing", via("name", "mix")),
                            named("mix_sale", via("name", "mix")),
                            named("seed_order", "t.number"),
                            named("invoice", "t.number"),
                            named("stall_day", via("name", "customer")),
                            named("handed", NONE),
                            named("backup_plan", NONE),
                            named("calendar_feed", NONE),
                            named("caution_read", NONE),
                            named("entry_link", via("name", "account")),
                            named("eye_check", NONE),
                            named("farm_chain", "t.name"),
                            new DoneKind("foretold_day", NONE, NONE, NONE, NONE),
                            named("letterhead", NONE),
                            named("mail_server", "t.host"),
                            named("money_rates", NONE),
                            named("own_crop", "t.key"),
                            named("own_figure", "t.crop_key"),
                            named("photo", NONE),
                            named("stock_taking", NONE),
                            named("struck_out", "t.named"),
                            new DoneKind("weather_day", NONE, NONE, NONE, NONE)))
            .flatMap(kinds -> kinds)
            .toList();

    /** Parts of other records, written with them: only what is corrected of them stands by itself. */
    static final List<DoneKind> PARTS = List.of(
            new DoneKind("allocation", ID, "t.lot_id", NONE, NONE),
            named("list_price", via("name", "price_list")),
            named("order_line", via("number", "seed_order")),
            new DoneKind(
                    "progeny_row", ID, NONE, "(select planting_id from progeny_trial where id = t.trial_id)", NONE),
            new DoneKind("stall_day_line", ID, "t.lot_id", NONE, NONE),
            new DoneKind("stock_taking_line", ID, "t.lot_id", NONE, NONE));

    /** Records of this kind, in columns that all kinds share. */
    String rows(String which) {
        return "select " + id + "::uuid as id, t.recorded_at as at, t.recorded_by as by, '" + table + "' as kind, "
                + lot + "::uuid as lot, " + planting + "::uuid as planting, " + named + "::text as named from " + table
                + " t where " + which;
    }

    private static Stream<DoneKind> ofLots(String... tables) {
        return Stream.of(tables).map(table -> new DoneKind(table, ID, "t.lot_id", NONE, NONE));
    }

    private static Stream<DoneKind> ofPlantings(String... tables) {
        return Stream.of(tables).map(table -> new DoneKind(table, ID, NONE, "t.planting_id", NONE));
    }

    private static DoneKind named(String table, String name) {
        return new DoneKind(table, ID, NONE, NONE, name);
    }

    /** A column of the record that {@code its_table_id} points to. */
    private static String via(String column, String table) {
        return "(select " + column + " from " + table + " where id = t." + table + "_id)";
    }
}
