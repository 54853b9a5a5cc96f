/** The formats an exercise can be exported to. Begin with {@link nimblestride.formats.export.ExportFormat}. */
package nimblestride.formats.export;
