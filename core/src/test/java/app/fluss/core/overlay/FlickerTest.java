package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/// Each letter is a picture that shows a number of its own; a dot is one that is open.
class FlickerTest {
    private static String left(String shown) {
        return left(shown, Flicker::drop);
    }

    private static String left(String shown, Consumer<String[]> drop) {
        String[] texts = shown.chars()
                .mapToObj(letter -> letter == '.' ? "" : String.valueOf((char) letter))
                .toArray(String[]::new);
        drop.accept(texts);
        return Arrays.stream(texts).map(text -> text.isEmpty() ? "." : text).reduce("", String::concat);
    }

    @Test
    void whatStandsFarShorterThanTheOthersWithinOneOfThemIsOpen() {
        assertThat(left("aaaaaaaaaaaabbbbbbccbbbbbbddddddddddddd"))
                .isEqualTo("aaaaaaaaaaaabbbbbb..bbbbbbddddddddddddd");
        assertThat(left("aaaaaaaaaaaabbbbb..cc.bbbbbddddddddddddeeeeeeeeeeee"))
                .isEqualTo("aaaaaaaaaaaabbbbb.....bbbbbddddddddddddeeeeeeeeeeee");
    }

    @Test
    void whatStandsAsLongAsTheOthersMayBeBetweenTwoThatAreTheSame() {
        String shown = "aaaaaaaaaaaabbbbbbbbbbaaaaaaaaaaaa";
        assertThat(left(shown)).isEqualTo(shown);
    }

    @Test
    void whatStandsShortBetweenTwoOthersMayBeHiddenInPart() {
        String shown = "aaaaaaaaaaaa.......bbb..cccccccccccccc";
        assertThat(left(shown)).isEqualTo(shown);
    }

    @Test
    void aShortMixOfTheNumbersBesideItIsNeither() {
        assertThat(left("26.5", 6, "26.7", 4, "25.7", 6, "30.1", 6))
                .as("the 5 in the middle has not changed yet")
                .isEqualTo("26.5 ".repeat(6) + ". ".repeat(4) + "25.7 ".repeat(6) + "30.1 ".repeat(6));
        String whole = "26.5 ".repeat(6) + "26.7 ".repeat(6) + "25.7 ".repeat(6);
        assertThat(left("26.5", 6, "26.7", 6, "25.7", 6)).isEqualTo(whole);
        String other = "26.5 ".repeat(6) + "27.7 ".repeat(4) + "25.7 ".repeat(6);
        assertThat(left("26.5", 6, "27.7", 4, "25.7", 6)).isEqualTo(other);
    }

    /// @param shown numbers, each with how many pictures show it
    private static String left(Object... shown) {
        String[] texts = IntStream.range(0, shown.length / 2)
                .mapToObj(i -> Collections.nCopies((int) shown[2 * i + 1], (String) shown[2 * i]))
                .flatMap(List::stream)
                .toArray(String[]::new);
        Flicker.drop(texts);
        return Arrays.stream(texts)
                .map(text -> text.isEmpty() ? ". " : text + " ")
                .reduce("", String::concat);
    }

    @Test
    void onePictureByItselfIsOpen() {
        assertThat(left("aaaaaaaaaaaa..b..cccccccccccc")).isEqualTo("aaaaaaaaaaaa.....cccccccccccc");
    }

    @Test
    void countersThatChangeOftenAreLeftAlone() {
        String shown = "abacadabefghab.aba";
        assertThat(left(shown)).isEqualTo(shown);
    }

    @Test
    void whereMostIsOpenWhatOnePictureShowsIsToo() {
        assertThat(left("aa.aa..b.cc.ccc.dd..dd.e....ff.ff.ff"))
                .as("they do not change from a picture to the next")
                .isEqualTo("aa.aa....cc.ccc.dd..dd......ff.ff.ff");
    }

    @Test
    void whatAnotherNumberInterruptsAgainAndAgainIsOpen() {
        assertThat(left("aaaaaaaaaaaabbbc.bbcbbbbdbbbddddddddddddd", Flicker::dropContested))
                .isEqualTo("aaaaaaaaaaaa................ddddddddddddd");
        assertThat(left("aaaaaaaaaaaabdcbbdbbcdbbbbbbddddddddddddd", Flicker::dropContested))
                .as("several at once")
                .isEqualTo("aaaaaaaaaaaa................ddddddddddddd");
    }

    @Test
    void oneInterruptionIsNoContest() {
        String once = "aaaaaaaaaaaabbbccbbbbbbdbbbbbddddddddddddd";
        assertThat(left(once, Flicker::dropContested)).isEqualTo(once);
        String turns = "aaaaaaaaaaaabbbbbbbbbbbbaaaaaaaaaaaabbbbbbbbbbbbaaaaaaaaaaaa";
        assertThat(left(turns, Flicker::dropContested))
                .as("a counter that goes to and fro")
                .isEqualTo(turns);
        String visits = "aaaaaaaaaaaaaaaaaaaabbbbaaaaaaaaaaaaaaaaaaaabbbbaaaaaaaaaaaaaaaaaaaa";
        assertThat(left(visits, Flicker::dropContested))
                .as("one that comes by for as long as a counter shows a number")
                .isEqualTo(visits);
        String capped = "aaaaaaaaaaaabaaaaaaaaaaaaaaabaaaaaaaaaaaaaaaaaaabaaaaaaaaaa";
        assertThat(left(capped, Flicker::dropContested))
                .as("one that leaves its number for a picture now and then")
                .isEqualTo(capped);
        String quick = "abababbaababbabacbabcbab";
        assertThat(left(quick, Flicker::dropContested))
                .as("a counter that changes all the time")
                .isEqualTo(quick);
    }
}
