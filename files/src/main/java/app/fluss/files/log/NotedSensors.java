package app.fluss.files.log;

import app.fluss.core.frame.Channel;
import app.fluss.core.measure.Figure;
import java.util.EnumMap;
import java.util.Map;

/// Means of the sensor columns of a small table.
final class NotedSensors {
    private final Map<Channel, Double> sums = new EnumMap<>(Channel.class);
    private final Map<Channel, Integer> counts = new EnumMap<>(Channel.class);

    void add(SmallTable.Row row) throws InputException {
        for (Channel channel : Channel.values()) {
            if (channel.isSensor()) {
                Figure value = row.number(channel.header());
                if (value.isKnown()) {
                    sums.merge(channel, value.orNaN(), Double::sum);
                    counts.merge(channel, 1, Integer::sum);
                }
            }
        }
    }

    Map<Channel, Figure> means() {
        Map<Channel, Figure> means = new EnumMap<>(Channel.class);
        sums.forEach((channel, sum) ->
                means.put(channel, Figure.ofFinite(sum / counts.getOrDefault(channel, 0), "no " + channel.header())));
        return means;
    }
}
