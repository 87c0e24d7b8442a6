package app.fluss.files.draw;

import java.io.StringWriter;
import java.util.Set;
import java.util.TreeSet;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.parsers.ParserConfigurationException;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.apache.batik.svggen.SVGGeneratorContext;
import org.apache.batik.svggen.SVGGraphics2D;
import org.apache.batik.svggen.SVGIDGenerator;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/// Writes drawings as SVG.
final class Svg {
    private static final String NAMESPACE = "http://www.w3.org/2000/svg";
    private static final int PRECISION = 2;

    private Svg() {}

    static String file(Picture picture, Palette palette) {
        return file(picture, palette, root(picture, palette, "p"));
    }

    static String inline(Picture picture, String prefix) {
        return text(root(picture, Palette.LIGHT, prefix));
    }

    static Picture.Vector both(Picture picture, String prefix) {
        Element root = root(picture, Palette.LIGHT, prefix);
        return new Picture.Vector(text(root), file(picture, Palette.LIGHT, root));
    }

    /// Puts its ground and its letters into a drawing, which stands for itself then.
    private static String file(Picture picture, Palette palette, Element root) {
        Document document = root.getOwnerDocument();
        Element style = document.createElementNS(NAMESPACE, "style");
        style.setTextContent(faces(root));
        Element ground = document.createElementNS(NAMESPACE, "rect");
        ground.setAttribute("width", number(picture.width()));
        ground.setAttribute("height", number(picture.height()));
        ground.setAttribute("fill", palette.hex(Palette.Role.SURFACE));
        root.insertBefore(style, root.getFirstChild()); // the title follows
        root.insertBefore(ground, style.getNextSibling().getNextSibling());
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + text(root);
    }

    private static Element root(Picture picture, Palette palette, String prefix) {
        SVGGeneratorContext context = SVGGeneratorContext.createDefault(document());
        context.setComment("");
        context.setPrecision(PRECISION);
        context.setIDGenerator(new Ids(prefix));
        SVGGraphics2D g = new SVGGraphics2D(context, false);
        picture.draw(g, palette, false);
        Element root = g.getRoot();
        clean(root);
        root.setAttribute("width", number(picture.width()));
        root.setAttribute("height", number(picture.height()));
        root.setAttribute("viewBox", "0 0 %s %s".formatted(number(picture.width()), number(picture.height())));
        root.setAttribute("role", "img");
        root.setAttribute("aria-label", picture.alternative());
        Element title = root.getOwnerDocument().createElementNS(NAMESPACE, "title");
        title.setTextContent(picture.name());
        root.insertBefore(title, root.getFirstChild());
        return root;
    }

    private static String number(double px) {
        return Long.toString((long) Math.ceil(px));
    }

    private static Document document() {
        try {
            DocumentBuilderFactory factory = DocumentBuilderFactory.newDefaultNSInstance();
            return factory.newDocumentBuilder().getDOMImplementation().createDocument(NAMESPACE, "svg", null);
        } catch (ParserConfigurationException e) {
            throw new IllegalStateException(e);
        }
    }

    /// Ids that no other picture on a page has, the same ones each time.
    private static final class Ids extends SVGIDGenerator {
        private final String prefix;
        private int next;

        Ids(String prefix) {
            this.prefix = prefix;
        }

        @Override
        public String generateID(String kind) {
            return prefix + kind + next++;
        }
    }

    /// Takes away what the writer sets without need: its defaults on the root, which are those of SVG or
    /// are set further in, its comment and the room for definitions that are not there.
    private static void clean(Element root) {
        NamedNodeMap attributes = root.getAttributes();
        for (int i = attributes.getLength() - 1; i >= 0; i--) {
            String name = attributes.item(i).getNodeName();
            if (!name.startsWith("xmlns")) {
                root.removeAttribute(name);
            }
        }
        root.removeAttribute("xmlns:xlink");
        for (Node node = root.getFirstChild(); node != null; ) {
            Node next = node.getNextSibling();
            if (node.getNodeType() == Node.COMMENT_NODE || !node.hasChildNodes()) {
                root.removeChild(node);
            }
            node = next;
        }
        NodeList all = root.getElementsByTagName("*");
        for (int i = 0; i < all.getLength(); i++) {
            Element element = (Element) all.item(i);
            element.removeAttribute("xml:space");
            element.removeAttribute("text-rendering");
        }
    }

    private static String text(Element root) {
        try {
            Transformer transformer = TransformerFactory.newDefaultInstance().newTransformer();
            transformer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            StringWriter out = new StringWriter();
            transformer.transform(new DOMSource(root), new StreamResult(out));
            return out.toString();
        } catch (TransformerException e) {
            throw new IllegalStateException(e);
        }
    }

    /// The letters that a picture needs, as a style sheet.
    private static String faces(Element root) {
        StringBuilder css = new StringBuilder("text{white-space:pre}");
        for (TextFace.Weight weight : TextFace.Weight.values()) {
            Set<Integer> letters = letters(root, weight);
            if (!letters.isEmpty()) {
                css.append("@font-face{font-family:'%s';src:url(data:font/ttf;base64,%s)}"
                        .formatted(AwtFace.of(weight).getFamily(), TextFace.subset(weight, letters)));
            }
        }
        return css.toString();
    }

    /// The letters of a picture that are set in a weight.
    private static Set<Integer> letters(Element root, TextFace.Weight weight) {
        Set<Integer> letters = new TreeSet<>();
        NodeList texts = root.getElementsByTagName("text");
        for (int i = 0; i < texts.getLength(); i++) {
            if (family(texts.item(i)).equals("'%s'".formatted(AwtFace.of(weight).getFamily()))) {
                texts.item(i).getTextContent().codePoints().forEach(letters::add);
            }
        }
        return letters;
    }

    private static String family(Node text) {
        for (Node node = text; node instanceof Element element; node = node.getParentNode()) {
            if (element.hasAttribute("font-family")) {
                return element.getAttribute("font-family");
            }
        }
        return "";
    }
}
