/**
 * What the tool works out. A module, so that the sealed rules may lie in packages by family;
 * whoever uses it does so by the class path and sees every package.
 */
@SuppressWarnings({"requires-automatic", "requires-transitive-automatic"})
module craftmap.core {
  requires java.desktop;
  requires java.xml;
  requires ejml.core;
  requires ejml.ddense;
  requires ortools.java;
  requires org.apache.fontbox;
  requires org.apache.commons.statistics.distribution;
  requires org.apache.pdfbox.io;
  requires transitive org.locationtech.jts;
}
