Nimble Stride
Licensed under the Apache License, Version 2.0 (see LICENSE).

The program ships with works of others.

Recordings of a drum kit: AVL Drumkits, "Black Pearl 4pc" in its version for LV2, by Glen MacArthur and Robin Gareus,
copyright 2015 Glen MacArthur, under the Creative Commons Attribution-ShareAlike 3.0 Unported license. Changed: each stroke
ends where it has faded away. See sound/src/main/resources/nimblestride/sound/recorded/LICENSE.txt.

Recordings of woodblocks, claves, a bass, and a keyboard: Fluid (R3) by Frank Wen, copyright 2000-2002, 2008 Frank Wen,
copyright 2008 Toby Smithe, under the MIT license. Changed: each ends where it has faded away. See the same file.

Lato, copyright 2010-2014 Lukasz Dziedzic, under the SIL Open Font License 1.1.
See formats/src/main/resources/nimblestride/formats/font/Lato-OFL.txt.

Bravura, copyright 2013-2019 Steinberg Media Technologies GmbH, under the SIL Open Font License 1.1.
See formats/src/main/resources/nimblestride/formats/font/Bravura-OFL.txt.

The theme of the controls: AtlantaFX 2.0.1 by mkpaz, under the MIT license. Changed: it holds only the rules for controls that
the program has, and one more. See desktop/src/main/resources/nimblestride/desktop/ui/look/theme-LICENSE.txt.

<#-- The build fills in what ships: each library and its license. -->
Libraries, each unchanged:

<#list dependencyMap as entry>
<#assign library = entry.getKey()/>
<#if library.groupId != "nimblestride">
${library.name!library.artifactId} ${library.version} (${library.groupId}:${library.artifactId}), <#list entry.getValue() as license>${license}<#if license_has_next> or </#if></#list>
</#if>
</#list>

Those under the GNU Lesser General Public License can be replaced: they are separate files beside the program.
