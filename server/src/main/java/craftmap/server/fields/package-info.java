/**
 * Questions of the core's measure sheets as fields to fill in: what a form of furniture, a design
 * or a label asks for. Shown to other packages: {@link craftmap.server.fields.FieldViews}, {@link
 * craftmap.server.fields.Answers}.
 */
package craftmap.server.fields;
