package synopta.store;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.SortedMap;
import java.util.TreeMap;
import synopta.store.jdbc.Jdbc;

/**
 * What the tables hold, by which a copy is compared with its source.
 *
 * @param tables the rows of each table, by its name
 */
record Contents(SortedMap<String, Rows> tables) {
    private static final String TABLES = """
            select table_name
              from information_schema.tables
             where table_schema = 'PUBLIC'
             order by table_name""";

    /**
     * Rows of a table, in any order.
     *
     * @param count how many
     * @param sum the sum, modulo 2^64, of the first 64 bits of the SHA-256 of each row
     */
    record Rows(long count, long sum) {}

    /** Reads every row of every table, one after the other. */
    static Contents of(Jdbc jdbc) {
        SortedMap<String, Rows> tables = new TreeMap<>();
        jdbc.list(TABLES, row -> row.getString(1)).forEach(table -> tables.put(table, rows(jdbc, table)));
        return new Contents(tables);
    }

    /** The rows of one table; its name comes from the database itself. */
    static Rows rows(Jdbc jdbc, String table) {
        MessageDigest digest = sha256();
        long[] all = new long[2];
        jdbc.each("select * from \"%s\"".formatted(table), row -> sum(row, digest), sum -> {
            all[0]++;
            all[1] += sum;
        });
        return new Rows(all[0], all[1]);
    }

    private static long sum(ResultSet row, MessageDigest digest) throws SQLException {
        int columns = row.getMetaData().getColumnCount();
        for (int i = 1; i <= columns; i++) {
            String value = row.getString(i);
            if (value != null) {
                digest.update(value.getBytes(StandardCharsets.UTF_8));
            }
            // UTF-8 never has these two: one ends a value, the other stands for none.
            digest.update((byte) (value == null ? 0xFE : 0xFF));
        }
        return ByteBuffer.wrap(digest.digest()).getLong();
    }

    /** The digest every Java platform has. */
    static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("This Java lacks SHA-256", e);
        }
    }
}
