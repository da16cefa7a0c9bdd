import { BarChart, CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, TooltipComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { SVGRenderer } from 'echarts/renderers';

use([BarChart, LineChart, CustomChart, GridComponent, TooltipComponent, SVGRenderer]);

export { init, type ECharts, type EChartsCoreOption } from 'echarts/core';
