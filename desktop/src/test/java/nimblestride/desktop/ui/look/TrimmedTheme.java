package nimblestride.desktop.ui.look;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.desktop.ui.control.LateScrollBarSkin;

/**
 * The theme of a library without the rules for controls that no window has. The toolkit compares each part of a window with every
 * rule, which takes an eighth of a start.
 */
public final class TrimmedTheme {
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern RULE = Pattern.compile("([^{}]+)\\{([^{}]*)}");
    private static final Pattern STYLE_CLASS = Pattern.compile("\\.([\\w-]+)");

    private static final Set<String> LEFT_OUT = Set.of(
            """
            accordion breadcrumbs calendar card choice-box color-palette color-picker custom-color-dialog custom-text-field date-picker
            date-picker-popup deck-pane hue-bar input-group message modal-box modal-pane notification pagination password-field
            password-text-field popover radio-button radio-menu-item ring-progress-indicator split-menu-button tab-pane tile titled-pane
            toggle-switch tokens tool-bar

            column-header table-cell table-row-cell table-view tree-cell tree-table-cell tree-table-row-cell tree-table-view tree-view

            area-chart area-legend-symbol axis bar-chart bar-legend-symbol bubble-chart bubble-legend-symbol chart chart-area-symbol
            chart-bar chart-bubble chart-legend chart-line-symbol chart-pie chart-pie-label chart-pie-label-line chart-series-area-fill
            chart-series-area-line chart-series-line chart-symbol default-color0 default-color1 default-color2 default-color3
            default-color4 default-color5 default-color6 default-color7 line-chart pie pie-legend-symbol scatter-chart
            stacked-bar-chart

            html-editor html-editor-align-center html-editor-align-justify html-editor-align-left html-editor-align-right
            html-editor-bold html-editor-bullets html-editor-copy html-editor-cut html-editor-hr html-editor-indent html-editor-italic
            html-editor-numbers html-editor-outdent html-editor-paste html-editor-strike html-editor-underline web-view

            accent bb-code bg-accent-emphasis bg-accent-muted bg-accent-subtle bg-danger-emphasis bg-danger-muted bg-danger-subtle
            bg-default bg-inset bg-neutral-emphasis bg-neutral-emphasis-plus bg-neutral-muted bg-neutral-subtle bg-subtle
            bg-success-emphasis bg-success-muted bg-success-subtle bg-warning-emphasis bg-warning-muted bg-warning-subtle
            border-default border-muted border-subtle button-circle button-icon button-outlined center-pill danger elevated-1 elevated-2
            elevated-3 elevated-4 font-icon interactive left-pill right-pill rounded striped success text-bold text-bolder text-caption
            text-italic text-lighter text-muted text-normal text-oblique text-on-emphasis text-small text-strikethrough text-subtle
            text-underlined title-1 title-2 title-3 title-4 warning
            """
                    .strip()
                    .split("\\s+"));

    /** In the theme and not in the program's own style sheet, whose word would count more than the skin a bar then gets. */
    private static final String LATE_SCROLL_BARS =
            "\n.scroll-bar { -fx-skin: \"" + LateScrollBarSkin.class.getName() + "\"; }\n";

    private TrimmedTheme() {}

    /** Returns the style classes whose rules are left out: controls that no window has, and looks that none asks for. */
    public static Set<String> leftOut() {
        return LEFT_OUT;
    }

    /** Returns the rules that are left, and one of our own. */
    static String css() throws IOException {
        String file = new PrimerLight().getUserAgentStylesheet().replace(".bss", ".css");
        try (InputStream in = PrimerLight.class.getResourceAsStream(file)) {
            String all = COMMENT.matcher(new String(in.readAllBytes(), StandardCharsets.UTF_8))
                    .replaceAll("");
            String kept = RULE.matcher(all)
                    .results()
                    .map(TrimmedTheme::kept)
                    .filter(rule -> !rule.isEmpty())
                    .collect(Collectors.joining("\n"));
            return kept + LATE_SCROLL_BARS;
        }
    }

    private static String kept(MatchResult rule) {
        String selectors = Arrays.stream(rule.group(1).split(","))
                .filter(selector ->
                        STYLE_CLASS.matcher(selector).results().noneMatch(one -> LEFT_OUT.contains(one.group(1))))
                .map(String::strip)
                .collect(Collectors.joining(",\n"));
        return selectors.isEmpty() ? "" : selectors + " {" + rule.group(2) + "}";
    }
}
