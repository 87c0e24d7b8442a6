import org.jspecify.annotations.NullMarked;

@NullMarked
module app.fluss.files {
    requires transitive app.fluss.core;
    requires transitive app.fluss.sim;
    requires ch.randelshofer.fastdoubleparser;
    requires com.github.luben.zstd_jni;
    requires com.samskivert.jmustache;
    requires de.siegmar.fastcsv;
    requires java.desktop;
    requires transitive java.sql;
    requires de.rototor.pdfbox.graphics2d;
    requires openhtmltopdf.core;
    requires openhtmltopdf.pdfbox;
    requires org.apache.commons.logging;
    requires org.apache.fontbox;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    requires org.apache.xmlgraphics.batik.svggen;
    requires org.bytedeco.ffmpeg;
    requires org.bytedeco.tesseract;
    requires org.xerial.sqlitejdbc;
    requires transitive tools.jackson.databind;

    // What did what on a path.
    exports app.fluss.files.attribute;
    // Frame logs and readings from CSV, and how their columns are mapped.
    exports app.fluss.files.log;
    // Requirements, and the run sheet as a page.
    exports app.fluss.files.bench;
    // Clips of a camera or a recorder.
    exports app.fluss.files.clip;
    // Charts of what a study holds.
    exports app.fluss.files.chart;
    // Runs of a study against runs of it.
    exports app.fluss.files.compare;
    // A pen, the colours and the text face, and pictures as files.
    exports app.fluss.files.draw;
    // What is known of a run beside its frames.
    exports app.fluss.files.known;
    // Latency samples, sensor traces and sound.
    exports app.fluss.files.latency;
    // Packets of links, and link probes.
    exports app.fluss.files.link;
    // Numbers read from recordings of the screen.
    exports app.fluss.files.overlay;
    // Pages as PDF, as pictures and on paper.
    exports app.fluss.files.print;
    // Results as JSON.
    exports app.fluss.files.report;
    // Scenarios to simulate, and what a simulated bench would have written.
    exports app.fluss.files.simulated;
    // What follows for the games of a study.
    exports app.fluss.files.verdict;
    // Reports, cards, open data, and studies handed on.
    exports app.fluss.files.share;
    // Threads for work side by side.
    exports app.fluss.files.work;
    // Tables of text.
    exports app.fluss.files.table;
    // The study file.
    exports app.fluss.files.study;
}
