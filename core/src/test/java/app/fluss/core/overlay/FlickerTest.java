package app.fluss.core.overlay;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import org.junit.jupiter.api.Test;

/// Each letter is a picture that shows a number of its own; a dot is one that is open.
class FlickerTest {
    private static String left(String shown) {
        String[] texts = shown.chars()
                .mapToObj(letter -> letter == '.' ? "" : String.valueOf((char) letter))
                .toArray(String[]::new);
        Flicker.drop(texts);
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
}
