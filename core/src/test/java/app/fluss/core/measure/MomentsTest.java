package app.fluss.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// NIST Statistical Reference Datasets, univariate, NumAcc1 to NumAcc4: certified values from memory, verified
/// with 60-digit decimal arithmetic. The tolerance on the deviation is three times the best agreement that the
/// nearest doubles allow.
class MomentsTest {
    @ParameterizedTest
    @CsvSource({
        "1.2, 1.1, 1.3, 3e-14",
        "1000000.2, 1000000.1, 1000000.3, 1.2e-9",
        "10000000.2, 10000000.1, 10000000.3, 1.8e-8"
    })
    void keepsItsDigitsOnASmallSpreadAroundALargeMean(double first, double low, double high, double relative) {
        double[] data = new double[1001];
        data[0] = first;
        for (int i = 1; i < data.length; i++) {
            data[i] = i % 2 == 1 ? low : high;
        }
        Moments moments = Moments.of(data);
        assertThat(moments.mean()).isCloseTo(first, withinPercentage(1e-11));
        assertThat(moments.sd()).isCloseTo(0.1, withinPercentage(relative * 100));
        assertThat(moments.lag1()).isCloseTo(-0.999, within(1e-10));
    }

    @Test
    void numAcc1() {
        Moments moments = Moments.of(10000001, 10000003, 10000002);
        assertThat(moments.mean()).isEqualTo(10000002);
        assertThat(moments.sd()).isEqualTo(1);
        assertThat(moments.lag1()).isCloseTo(-0.5, within(1e-10));
    }

    @Test
    void hasNoAnswerWhereThereIsNone() {
        assertThat(Moments.of().mean()).isNaN();
        assertThat(Moments.of(7).sd()).isNaN();
        assertThat(Moments.of(7, 7, 7).lag1()).isNaN();
    }
}
