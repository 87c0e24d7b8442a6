package app.fluss.files.study;

import java.util.Comparator;

/// The order in which people look for names: whole numbers in them by their value ("card 2" before "card 10"), letters
/// whatever their case. Names that differ by less than that stand by their characters, so that no two are equal.
public final class NameOrder implements Comparator<String> {
    /// The order.
    public static final NameOrder NAMES = new NameOrder();

    private NameOrder() {}

    @Override
    public int compare(String a, String b) {
        int i = 0;
        int j = 0;
        while (i < a.length() && j < b.length()) {
            int order;
            if (isDigit(a, i) && isDigit(b, j)) {
                int from = pastZeros(a, i);
                int other = pastZeros(b, j);
                i = pastDigits(a, from);
                j = pastDigits(b, other);
                order = Integer.compare(i - from, j - other);
                if (order == 0) {
                    order = a.substring(from, i).compareTo(b.substring(other, j));
                }
            } else {
                order = Character.compare(folded(a, i++), folded(b, j++));
            }
            if (order != 0) {
                return order;
            }
        }
        int rest = Integer.compare(a.length() - i, b.length() - j);
        return rest != 0 ? rest : a.compareTo(b);
    }

    private static boolean isDigit(String name, int at) {
        return at < name.length() && name.charAt(at) >= '0' && name.charAt(at) <= '9';
    }

    private static int pastZeros(String name, int at) {
        int i = at;
        while (isDigit(name, i) && name.charAt(i) == '0') {
            i++;
        }
        return i;
    }

    private static int pastDigits(String name, int at) {
        int i = at;
        while (isDigit(name, i)) {
            i++;
        }
        return i;
    }

    private static char folded(String name, int at) {
        return Character.toLowerCase(Character.toUpperCase(name.charAt(at)));
    }
}
