package synopta.benchmark;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * How people spoil a number on its way from the tag to the counter. Made apart from the reader's weights: glyphs after
 * what Crockford's Base 32, RFC 4648, ISO 3779 and the ISMP list keep apart (from memory), letters after the sounds
 * that spelling alphabets were made for, keys after the layout of a keyboard with its number pad; how often each
 * happens is our guess. One slip in twenty is an end worn off.
 */
final class NoisyReadings {
    private static final List<String> GLYPHS = List.of(
            "0O", "0D", "0Q", "OQ", "OD", "1I", "1L", "IL", "5S", "8B", "2Z", "6G", "UV", "CG", "17", "3B", "EF");
    private static final List<String> SOUNDS = List.of(
            "BD", "BP", "BV", "DT", "PT", "DE", "TE", "CE", "GE", "MN", "FS", "SX", "59", "AK", "AJ", "IY", "QU");
    private static final List<String> KEYS =
            List.of("1234567890", "QWERTYUIOP", "ASDFGHJKL", "ZXCVBNM", "789", "456", "123", "741", "852", "963");

    private final Random random;

    NoisyReadings(Random random) {
        this.random = random;
    }

    /** A character as it arrived, and what the tag shows there; "" where nothing stands. */
    record Sign(char typed, String shown) {}

    /** The number after so many slips. */
    List<Sign> spoilt(String key, int slips) {
        List<Sign> signs = key.chars()
                .mapToObj(c -> new Sign((char) c, String.valueOf((char) c)))
                .collect(Collectors.toCollection(ArrayList::new));
        for (int slip = 0; slip < slips && signs.size() > 4; slip++) {
            spoil(signs);
        }
        return signs;
    }

    static String text(List<Sign> signs) {
        return signs.stream().map(s -> String.valueOf(s.typed)).collect(Collectors.joining());
    }

    private void spoil(List<Sign> signs) {
        int place = random.nextInt(signs.size());
        Sign sign = signs.get(place);
        int kind = random.nextInt(100);
        if (kind < 42) {
            replace(signs, GLYPHS);
        } else if (kind < 62) {
            replace(signs, SOUNDS);
        } else if (kind < 72) {
            signs.set(place, new Sign(key(sign.typed), sign.shown));
        } else if (kind < 80 && place + 1 < signs.size()) {
            Sign next = signs.get(place + 1);
            signs.set(place, new Sign(next.typed, sign.shown));
            signs.set(place + 1, new Sign(sign.typed, next.shown));
        } else if (kind < 84) {
            signs.add(place, new Sign(sign.typed, ""));
        } else if (kind < 92) {
            signs.remove(place);
        } else if (kind < 95) {
            signs.add(place, new Sign((char) ('0' + random.nextInt(10)), ""));
        } else {
            int lost = 1 + Math.min(3, (int) (-Math.log(random.nextDouble()) / 0.9));
            for (int i = 0; i < lost && signs.size() > 4; i++) {
                signs.remove(signs.size() - 1);
            }
        }
    }

    /** Takes a character that has a fellow in the groups for that fellow; any character when none has. */
    private void replace(List<Sign> signs, List<String> groups) {
        for (int tries = 0; tries < 20; tries++) {
            int place = random.nextInt(signs.size());
            char typed = signs.get(place).typed;
            List<String> fellows =
                    groups.stream().filter(g -> g.indexOf(typed) >= 0).toList();
            if (!fellows.isEmpty()) {
                String pair = fellows.get(random.nextInt(fellows.size()));
                char other = pair.charAt(1 - pair.indexOf(typed));
                signs.set(place, new Sign(other, signs.get(place).shown));
                return;
            }
        }
    }

    private char key(char typed) {
        List<String> rows = KEYS.stream().filter(r -> r.indexOf(typed) >= 0).toList();
        String row = rows.get(random.nextInt(rows.size()));
        int at = row.indexOf(typed);
        int beside = at == 0 ? 1 : at == row.length() - 1 ? at - 1 : at + (random.nextBoolean() ? 1 : -1);
        return row.charAt(beside);
    }
}
