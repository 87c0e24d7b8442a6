package app.fluss.files.log;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

/// What words in the name of a column say of it, in the languages in which loggers write. A word counts as a whole
/// word, also where a name runs words together (`FrameTime`) or the language does not part them.
@SuppressWarnings("ImmutableEnumChecker") // lists of lists that nobody can change, which the checker cannot see
enum NameHint {
    /// A rate: images a second.
    RATE(
            "fps|framerate|frame rate|rate|images s|frames s|hz|bildrate|ips|i s|fotogramas por segundo|cuadros por segundo"
                    + "|quadros por segundo|klatki s|kl s|кадр с|к с|кадров в секунду|frames per second|images per second|帧率|帧数"
                    + "|フレームレート|프레임 속도|프레임률|bps bild|fps avg"),
    /// The time from one image to the next.
    FRAME_TIME(
            "frametime|frame time|frame ms|frame duration|frame delta|frame interval|between frames|between images|between presents"
                    + "|ms between|delta|dt|interval|ft|bildzeit|framezeit|bildabstand|bilddauer|abstand|temps image|temps trame|durée image"
                    + "|durée trame|intervalle|tiempo de fotograma|tiempo de cuadro|tiempo fotograma|tiempo cuadro|intervalo"
                    + "|tempo de quadro|tempo quadro|tempo fotogramma|tempo frame|czas klatki|время кадра|帧时间|帧时|帧间隔|フレーム時間"
                    + "|フレームタイム|프레임 시간|프레임 타임|kare süresi|frametijd|beeldtijd|bildtid|doba snímku|čas snímku"),
    /// A point in time.
    STAMP(
            "time|timestamp|stamp|t|elapsed|clock time|present|presented|start|seconds|when|zeit|zeitstempel|zeitpunkt|uhrzeit|temps|horodatage"
                    + "|instant|tiempo|marca|tempo|czas|znacznik|время|метка|时间|时间戳|時刻|時間|タイムスタンプ|시간|타임스탬프|zaman|tijd"
                    + "|tijdstip|tid|tidpunkt|čas|qpc"),
    /// When an image was shown.
    DISPLAY(
            "display|displayed|shown|screen|flip|flipped|visible|scanout|anzeige|angezeigt|bildschirm|affichage|affiché|écran|pantalla"
                    + "|mostrado|tela|schermo|ekran|экран|показ|显示|表示|표시"),
    /// How long an image waited to be shown.
    DISPLAY_WAIT(
            "until displayed|until display|until shown|until screen|until scanout|till displayed|till shown|to display"
                    + "|to displayed|to screen|to scanout|bis anzeige|bis zur anzeige|jusqu affichage|hasta mostrar"),
    /// That an image was never shown.
    DROPPED(
            "dropped|discarded|skipped|missed|not shown|not displayed|never shown|verworfen|ausgelassen|übersprungen|perdue"
                    + "|ignorée|descartado|descartada|omitido|scartato|pominięta|пропущен|пропущено|丢弃|ドロップ|드롭"),
    /// How many there are of something.
    HOW_MANY("frames|images|count|counter|total|number|sum|bilder|anzahl|nombre|número|liczba|число|количество"),
    /// When a stream's host had encoded or sent an image.
    ENCODED(
            "encoded|encode|encoder|encoding|sent|send|transmitted|kodiert|codiert|gesendet|encodé|envoyé|codificado|enviado"
                    + "|codificato|inviato|закодирован|отправлен|编码|发送|エンコード|送信|인코딩|전송"),
    /// When a stream's client had received an image.
    RECEIVED(
            "received|receive|recv|rx|arrived|arrival|empfangen|eingetroffen|reçu|reçue|recibido|recebido|ricevuto|odebrano"
                    + "|получен|接收|收到|受信|수신"),
    /// When a stream's client had decoded an image.
    DECODED(
            "decoded|decode|decoder|decoding|dekodiert|decodiert|décodé|descodificado|decodificado|decodificato|zdekodowano"
                    + "|декодирован|解码|デコード|디코딩"),
    /// One image.
    IMAGE("frame|image|picture|bild|fotograma|cuadro|quadro|klatka|кадр|帧|フレーム|프레임"),
    /// The number of an image.
    FRAME_NUMBER(
            "frame number|frame num|frame no|frame nr|frame id|frame idx|frame index|frame count|frame counter|frame seq|image number"
                    + "|image no|image id|image index|picture number|picture id|bild nr|bildnummer|numéro image|numéro trame"
                    + "|número fotograma|帧号|帧序号|フレーム番号|프레임 번호"),
    /// The time in the game.
    CONTENT(
            "content|sim|simulation|simulated|game|gametime|animation|spiel|spielzeit|jeu|juego|jogo|gioco|gra|игра|游戏|ゲーム|게임"),
    /// The processor.
    CPU("cpu|processor|prozessor|processeur|procesador"),
    /// The card.
    GPU("gpu|graphics|card|grafikkarte|carte"),
    /// What puts a headset's images together, and is not the application.
    COMPOSITOR("compositor|warp|timewarp|reprojection"),
    /// How busy something is.
    LOAD(
            "load|usage|util|utilization|utilisation|pct|percent|busy pct|auslastung|last|charge|uso|carga|utilizzo|obciążenie|загрузка"
                    + "|使用率|占用|占用率|利用率|사용률"),
    /// How warm something is.
    TEMPERATURE("temp|temperature|temperatur|température|temperatura|°c|degc|celsius|температура|温度|온도"),
    /// How fast something is clocked.
    CLOCK("clock|mhz|ghz|takt|taktrate|fréquence|frecuencia|frequency|freq|частота|频率|クロック"),
    /// What something takes.
    POWER("power|watt|watts|w|mw|leistung|puissance|potencia|potenza|moc|мощность|功率|功耗|電力|전력"),
    /// What something has taken so far.
    ENERGY("energy|joule|joules|j|kj|wh|mwh|energie|énergie|energía|energia|энергия|能量|charge mah|mah"),
    /// Memory.
    MEMORY("mem|memory|vram|ram|mb|gb|speicher|mémoire|memoria|память|内存|显存|メモリ|메모리"),
    /// A wait that is no frame time.
    LATENCY(
            "latency|lag|latenz|latence|latencia|latenza|delay|verzögerung|queue|wait|input|задержка|延迟|遅延|지연|ping|rtt|jitter"),
    /// A count.
    COUNTER(
            "id|idx|index|number|num|no|nr|count|counter|row|line|frame|frames|seq|sequence|sample|samples|zähler|nummer|numéro|numero"
                    + "|número|compteur|contador|liczba|номер|счетчик|счётчик|编号|序号|番号|번호|dropped|drops|bytes|packets"),
    /// What kind of image it is.
    KIND(
            "kind|type|frametype|frame type|art|typ|tipo|genre|rodzaj|тип|类型|種類|종류|generated|interpolated|synthetic|is generated|fg"
                    + "|framegen|generiert|généré|generado"),
    /// Which program drew it.
    PROCESS(
            "process|application|app|program|exe|executable|process name|programm|anwendung|prozess|programme|processus|programa"
                    + "|proceso|aplicación|programma|proces|процесс|программа|进程|程序|プロセス|프로세스");

    private final List<List<String>> phrases;

    NameHint(String phrases) {
        this.phrases = Arrays.stream(phrases.split("\\|"))
                .map(phrase -> List.of(phrase.split(" ")))
                .toList();
    }

    /// Whether a name says so.
    boolean isIn(ColumnName name) {
        return phrases.stream().anyMatch(name::says);
    }

    /// Hints that rule out that a column is a time at all.
    static final Set<NameHint> NO_TIME = Set.of(LOAD, TEMPERATURE, CLOCK, POWER, ENERGY, MEMORY);
}
