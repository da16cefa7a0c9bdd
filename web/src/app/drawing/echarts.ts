import { BarChart, CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([BarChart, LineChart, CustomChart, GridComponent, MarkAreaComponent, TooltipComponent, SVGRenderer]);

export { init, type ECharts, type EChartsCoreOption } from 'echarts/core';
