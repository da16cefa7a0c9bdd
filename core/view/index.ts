/** Views: numbers and paths that drawings and cards show. What other rooms and workspaces use of it; the rest stays inside. */
export { CHIP, chipHalfWidth, floorView, type Print } from './floor-view.js';
export { flightsOf } from './height.js';
export { type LaneBlock, lanesOf } from './lanes.js';
export { type LinePiece, lineView } from './line-view.js';
export { type Report, reportOf } from './report.js';
export { type Thumbnail, thumbnailOf } from './thumbnail.js';
