package synopta.core.tag;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The characters of a reading with what was read again put in.
 *
 * @param character what is taken to stand there
 * @param position its place in the normalized reading, from 1
 * @param readAgain whether it was looked at twice, so that confusion is no excuse any more
 */
record ObservedCharacter(char character, int position, boolean readAgain) {
    static List<ObservedCharacter> of(String normalized, List<Recheck> rechecked) {
        List<ObservedCharacter> observed = new ArrayList<>();
        for (int i = 0; i < normalized.length(); i++) {
            int position = i + 1;
            char typed = normalized.charAt(i);
            Optional<Recheck> again =
                    rechecked.stream().filter(r -> r.position() == position).reduce((first, last) -> last);
            if (again.isEmpty()) {
                observed.add(new ObservedCharacter(typed, position, false));
            }
            again.map(Recheck::character).ifPresent(c -> observed.add(new ObservedCharacter(c, position, true)));
        }
        return observed;
    }
}
