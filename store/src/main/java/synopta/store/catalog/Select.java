package synopta.store.catalog;

/** The columns that {@link RowMappers} reads of each table, each list once; a query adds its condition and order. */
final class Select {
    private Select() {}

    static final String PARTS = """
            select part, maker, part_type, name, genuine, status, pack_quantity, returnable, specs
              from part
            """;

    static final String MODELS = """
            select model, brand, appliance, fuel, volts, platform, built_from, built_to, popularity, note
              from model
            """;

    static final String FITS = """
            select m.model, f.slot, p.part, f.quantity, f.built_from, f.built_to, f.serial_from, f.serial_to, f.note
              from fit f
              join model m on m.model_key = f.model_key
              join part p on p.part_key = f.part_key
            """;

    static final String SUPERSESSIONS = """
            select o.part as old_part, s.choice, n.part as new_part, s.quantity, s.change, s.effective
              from supersession s
              join part o on o.part_key = s.old_key
              join part n on n.part_key = s.new_key
            """;

    static final String KITS = """
            select k.part as kit, c.part as content, x.quantity
              from kit_content x
              join part k on k.part_key = x.kit_key
              join part c on c.part_key = x.content_key
            """;

    static final String CODES = """
            select brand, family, appliance, code, means, findings, part_types
              from fault_code
            """;

    static final String EQUIVALENTS = """
            select p.part, e.part as equivalent, x.basis
              from equivalent x
              join part p on p.part_key = x.part_key
              join part e on e.part_key = x.equivalent_key
            """;

    static final String SLOTS = """
            select platform, slot, part_type, quantity, note
              from slot
            """;

    static final String PLATFORMS = """
            select platform, appliance, layout, note
              from platform
            """;

    static final String FREE_STOCK = """
            select s.branch, p.part, greatest(s.on_hand + s.moved - s.reserved, 0) as on_hand, s.lead_days
              from stock s
              join part p on p.part_key = s.part_key
            """;
}
