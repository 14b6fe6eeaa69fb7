/** The room that the axes take around the bars, px: the slider over the chart leaves it free too. */
export const CHART_LEFT = 44;
export const CHART_RIGHT = 12;
export const CHART_TOP = 8;
export const CHART_BOTTOM = 26;
