package org.dwimble.server.sheet;

import java.awt.color.ColorSpace;
import java.awt.color.ICC_Profile;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSInteger;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDMetadata;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.graphics.color.PDOutputIntent;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;
import org.jspecify.annotations.Nullable;

/**
 * What makes a PDF readable without seeing it and for a long time: tags in reading order with other text for pictures (ISO 14289-1, PDF/UA),
 * and what an archive asks for (ISO 19005-2, PDF/A-2b).
 */
final class Tagging {
    private static final String LANGUAGE = "en";
    private static final String PRODUCER = "Dwimble";
    private final PDDocument document;
    private final PDStructureElement all;
    private final PDStructureTreeRoot root = new PDStructureTreeRoot();
    private final Map<Integer, PDParentTreeValue> parents = new HashMap<>();
    private PDPage page = new PDPage();
    private COSArray onPage = new COSArray();

    /** @param title shown by whatever opens the file */
    Tagging(PDDocument document, String title) throws IOException {
        this.document = document;
        PDDocumentCatalog catalog = document.getDocumentCatalog();
        document.setVersion(1.7f);
        document.getDocumentInformation().setTitle(title);
        document.getDocumentInformation().setProducer(PRODUCER);
        catalog.setLanguage(LANGUAGE);
        catalog.setStructureTreeRoot(root);
        PDMarkInfo marked = new PDMarkInfo();
        marked.setMarked(true);
        catalog.setMarkInfo(marked);
        PDViewerPreferences preferences = new PDViewerPreferences(new COSDictionary());
        preferences.setDisplayDocTitle(true);
        catalog.setViewerPreferences(preferences);
        all = new PDStructureElement("Document", root);
        root.appendKid(all);
        catalog.addOutputIntent(colours(document));
        PDMetadata metadata = new PDMetadata(document);
        metadata.importXMPMetadata(XMP.formatted(escaped(title), PRODUCER).getBytes(StandardCharsets.UTF_8));
        catalog.setMetadata(metadata);
    }

    private static PDOutputIntent colours(PDDocument document) throws IOException {
        PDOutputIntent intent = new PDOutputIntent(document, new ByteArrayInputStream(ICC_Profile.getInstance(ColorSpace.CS_sRGB).getData()));
        intent.setInfo("sRGB IEC61966-2.1");
        intent.setOutputCondition("sRGB IEC61966-2.1");
        intent.setOutputConditionIdentifier("sRGB IEC61966-2.1");
        intent.setRegistryName("http://www.color.org");
        return intent;
    }

    void begin(PDPage next) {
        page = next;
        onPage = new COSArray();
        page.setStructParents(parents.size());
        page.getCOSObject().setName("Tabs", "S");
    }

    /** What is there to be seen alone: lines, papers, and pictures that words beside them tell. */
    static void decoration(PDPageContentStream out) throws IOException {
        out.beginMarkedContent(COSName.ARTIFACT);
    }

    /** @param alternative for who cannot see it; null for text */
    void content(PDPageContentStream out, COSName type, @Nullable String alternative) throws IOException {
        int id = onPage.size();
        PDStructureElement element = new PDStructureElement(type.getName(), all);
        element.setPage(page);
        if (alternative != null) {
            element.setAlternateDescription(alternative);
        }
        element.getCOSObject().setItem(COSName.K, COSInteger.get(id));
        all.appendKid(element);
        onPage.add(element.getCOSObject());
        out.beginMarkedContent(type, id);
    }

    void end() {
        parents.put(page.getStructParents(), new PDParentTreeValue(onPage));
    }

    void finish() {
        PDNumberTreeNode tree = new PDNumberTreeNode(PDParentTreeValue.class);
        tree.setNumbers(new HashMap<>(parents));
        root.setParentTree(tree);
        root.setParentTreeNextKey(parents.size());
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    /** ISO 16684-1, with the description of the PDF/UA schema that PDF/A asks for. */
    private static final String XMP = """
        <?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>
        <x:xmpmeta xmlns:x="adobe:ns:meta/"><rdf:RDF xmlns:rdf="http://www.w3.org/1999/02/22-rdf-syntax-ns#">
        <rdf:Description rdf:about="" xmlns:dc="http://purl.org/dc/elements/1.1/">\
        <dc:title><rdf:Alt><rdf:li xml:lang="x-default">%s</rdf:li></rdf:Alt></dc:title></rdf:Description>
        <rdf:Description rdf:about="" xmlns:pdf="http://ns.adobe.com/pdf/1.3/"><pdf:Producer>%s</pdf:Producer></rdf:Description>
        <rdf:Description rdf:about="" xmlns:pdfaid="http://www.aiim.org/pdfa/ns/id/">\
        <pdfaid:part>2</pdfaid:part><pdfaid:conformance>B</pdfaid:conformance></rdf:Description>
        <rdf:Description rdf:about="" xmlns:pdfuaid="http://www.aiim.org/pdfua/ns/id/"><pdfuaid:part>1</pdfuaid:part></rdf:Description>
        <rdf:Description rdf:about="" xmlns:pdfaExtension="http://www.aiim.org/pdfa/ns/extension/" \
        xmlns:pdfaSchema="http://www.aiim.org/pdfa/ns/schema#" xmlns:pdfaProperty="http://www.aiim.org/pdfa/ns/property#">
        <pdfaExtension:schemas><rdf:Bag><rdf:li rdf:parseType="Resource"><pdfaSchema:schema>PDF/UA identification</pdfaSchema:schema>
        <pdfaSchema:namespaceURI>http://www.aiim.org/pdfua/ns/id/</pdfaSchema:namespaceURI><pdfaSchema:prefix>pdfuaid</pdfaSchema:prefix>
        <pdfaSchema:property><rdf:Seq><rdf:li rdf:parseType="Resource">\
        <pdfaProperty:name>part</pdfaProperty:name><pdfaProperty:valueType>Integer</pdfaProperty:valueType>
        <pdfaProperty:category>internal</pdfaProperty:category><pdfaProperty:description>Part of PDF/UA</pdfaProperty:description>\
        </rdf:li></rdf:Seq></pdfaSchema:property>
        </rdf:li></rdf:Bag></pdfaExtension:schemas></rdf:Description>
        </rdf:RDF></x:xmpmeta>
        <?xpacket end="w"?>""";
}
